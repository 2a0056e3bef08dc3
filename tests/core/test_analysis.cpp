// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/analyze.h"
#include "support/beat_measures.h"
#include "support/found_beats.h"
#include "support/media.h"
#include "support/test_program.h"

#include <QFile>
#include <nlohmann/json.hpp>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

QString numbers(const BeatMeasures& m) {
    return QString("F %1, mean offset %2 ms, worst %3 ms")
        .arg(m.f)
        .arg(m.mean_offset * 1000)
        .arg(m.worst_offset * 1000);
}

} // namespace

class TestAnalysis : public QObject {
    Q_OBJECT
private slots:
    // The score of the demo song is the truth: the generator writes it beside the song.
    void the_demo_song() {
        QFile file(PULSEPIN_DEMO "/over-the-levee.truth.json");
        QVERIFY(file.open(QIODevice::ReadOnly));
        const auto truth = nlohmann::json::parse(file.readAll().toStdString());
        const auto sound = load_sound(PULSEPIN_DEMO "/over-the-levee.opus");
        QVERIFY(sound.has_value());
        const auto analysis = analyze(*sound->samples);
        QVERIFY(analysis && analysis->grid);
        const auto beats = measure_beats(truth["beats"].get<std::vector<double>>(), beats_of(*analysis));
        QVERIFY2(beats.f >= 0.95 && std::abs(beats.mean_offset) < 0.010, qPrintable(numbers(beats)));
        const auto bars =
            measure_beats(truth["downbeats"].get<std::vector<double>>(), downbeats_of(*analysis));
        QVERIFY2(bars.f >= 0.90, qPrintable(numbers(bars)));
        QVERIFY(std::abs(analysis->grid->typical_tempo().value - truth["tempo"].get<double>()) < 0.1);
        QVERIFY(std::abs(analysis->tempi.front().tempo.value - 118) < 118 * 0.04);
        for (const auto& beat : analysis->grid->beats())
            QVERIFY(beat.confidence >= 0 && beat.confidence <= 1);
    }

    void click_tracks_data() {
        QTest::addColumn<double>("bpm");
        QTest::addColumn<int>("rate");
        for (const double bpm : {55.0, 60.0, 75.5, 90.0, 100.0, 120.0, 133.3, 150.0, 174.0})
            QTest::addRow("%.1f", bpm) << bpm << 44100;
        QTest::newRow("8 kHz") << 120.0 << 8000;
        QTest::newRow("96 kHz") << 120.0 << 96000;
    }
    void click_tracks() {
        QFETCH(double, bpm);
        QFETCH(int, rate);
        const double first = 0.371, length = 40;
        const auto analysis = analyze(*click_track(bpm, first, length, rate));
        QVERIFY(analysis && analysis->grid);
        std::vector<double> truth;
        for (double beat = first; beat < length; beat += 60 / bpm)
            truth.push_back(beat);
        const auto m = measure_beats(truth, beats_of(*analysis));
        QVERIFY2(m.f >= 0.95 && std::abs(m.mean_offset) < 0.010, qPrintable(numbers(m)));
        std::vector<double> onsets;
        for (const auto& onset : analysis->onsets)
            onsets.push_back(onset.time.value);
        const auto o = measure_beats(truth, onsets, 0.025);
        QVERIFY2(o.f >= 0.97 && std::abs(o.mean_offset) < 0.003, qPrintable(numbers(o)));
    }

    void silence_has_no_beats() {
        const auto store = store_of(std::vector<float>(44100 * 10, 0.0f), {44100, 1});
        const auto analysis = analyze(*store);
        QVERIFY(analysis.has_value());
        QVERIFY(!analysis->grid && analysis->onsets.empty() && analysis->tempi.empty());
        QVERIFY(std::abs(analysis->duration.value - 10) < 1e-9);
    }

    void constant_and_tiny_input_is_survived() {
        for (const std::size_t length : {1u, 10u, 441u, 4410u, 44100u}) {
            QVERIFY(analyze(*store_of(std::vector<float>(length, 0.8f), {44100, 1})).has_value());
            QVERIFY(analyze(*store_of(noise_bursts(length, 3), {44100, 1})).has_value());
        }
    }

    void the_same_samples_give_the_same_result() {
        const auto store = click_track(101, 0.2, 20);
        QVERIFY(*analyze(*store) == *analyze(*store));
    }

    void bars_have_as_many_beats_as_told() {
        AnalysisSettings settings;
        settings.grid.beats_per_bar = 3;
        const auto analysis = analyze(*click_track(120, 0.2, 20), settings);
        QVERIFY(analysis && analysis->grid);
        QCOMPARE(analysis->grid->metre_at(Ticks(0)).beats_per_bar, 3);
    }

    void sensitivity_lets_more_or_fewer_through() {
        const auto sound = load_sound(PULSEPIN_DEMO "/over-the-levee.opus");
        const auto feature_set = extract_features(*sound->samples);
        std::size_t last = 0;
        for (const double sensitivity : {0.0, 0.25, 0.5, 0.75, 1.0}) {
            OnsetSettings settings;
            settings.sensitivity = sensitivity;
            const auto onsets = find_onsets(feature_set->features, settings);
            QVERIFY(onsets.size() > last);
            last = onsets.size();
            for (std::size_t i = 1; i < onsets.size(); ++i)
                QVERIFY(onsets[i].time - onsets[i - 1].time >= Seconds(0.02));
        }
    }

    void can_be_cancelled() {
        std::stop_source stop;
        stop.request_stop();
        const auto analysis = analyze(*click_track(120, 0, 5), {}, {[](double) {}, stop.get_token()});
        QVERIFY(!analysis && analysis.error().cancelled());
    }

    // Worked by hand: truth 1, 2, 3, 4; found 1.05, 2.2, 3, 3.95, 6: three hits, F = 2*3/9.
    void the_measure_itself() {
        const auto m = measure_beats({1, 2, 3, 4}, {1.05, 2.2, 3, 3.95, 6});
        QVERIFY(std::abs(m.f - 6.0 / 9) < 1e-12);
        QVERIFY(std::abs(m.mean_offset) < 1e-12);
        QVERIFY(std::abs(m.worst_offset - 0.05) < 1e-12);
    }
};

PULSEPIN_TEST_CLASS(TestAnalysis, "test_analysis")
#include "test_analysis.moc"
