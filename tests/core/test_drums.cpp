// SPDX-License-Identifier: GPL-3.0-or-later
//
// Drums that are told apart. What they are is said by the percussion key map of General MIDI level 1 (MIDI
// Manufacturers Association, 1991): 36 bass drum, 38 snare, 42 closed hi-hat, 47 mid tom, 49 crash, 51 ride,
// 39 hand clap.
#include "analysis/analyze.h"
#include "support/drum_score.h"
#include "support/test_program.h"

#include <QTest>
#include <map>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

constexpr std::pair<Drum, int> keys[] = {{Drum::Kick, 36}, {Drum::Snare, 38}, {Drum::Hat, 42},
                                         {Drum::Tom, 47},  {Drum::Ride, 51},  {Drum::Crash, 49},
                                         {Drum::Clap, 39}};

using Times = std::map<Drum, std::vector<double>>;

/// Bars of four at 120 BPM with what a drummer may play, one drum for what hats play in each.
Times played(DrumScore& score, Drum time_keeper, Drum back_beat, int bars) {
    Times times;
    const auto hit = [&](double at, Drum drum, int velocity) {
        const auto* key =
            std::find_if(std::begin(keys), std::end(keys), [&](const auto& k) { return k.first == drum; });
        score.hit(at, key->second, velocity);
        times[drum].push_back(at);
    };
    for (int bar = 0; bar < bars; ++bar) {
        const double start = 0.5 + 2 * bar;
        if (bar % 4 == 0)
            hit(start, Drum::Crash, 115);
        for (int i = 0; i < 8; ++i)
            if (!(bar % 4 == 0 && i == 0) && !(bar % 4 == 3 && i >= 4))
                hit(start + 0.25 * i, time_keeper, 85);
        hit(start, Drum::Kick, 110);
        hit(start + 1, Drum::Kick, 105);
        hit(start + 0.5, back_beat, 110);
        if (bar % 4 == 3)
            for (int i = 4; i < 8; ++i)
                hit(start + 0.25 * i, Drum::Tom, 105);
        else
            hit(start + 1.5, back_beat, 110);
    }
    return times;
}

double f_measure(const std::vector<double>& truth, const std::vector<Onset>& found) {
    std::size_t hits = 0;
    for (const double t : truth)
        hits += std::any_of(found.begin(), found.end(),
                            [&](const Onset& o) { return std::abs(o.time.value - t) < 0.05; });
    return truth.empty() && found.empty()
               ? 1
               : 2 * static_cast<double>(hits) / static_cast<double>(truth.size() + found.size());
}

} // namespace

class TestDrums : public QObject {
    Q_OBJECT
private slots:
    void drums_are_told_apart_data() {
        QTest::addColumn<int>("time_keeper");
        QTest::addColumn<int>("back_beat");
        QTest::newRow("hats, snare") << static_cast<int>(Drum::Hat) << static_cast<int>(Drum::Snare);
        QTest::newRow("ride, snare") << static_cast<int>(Drum::Ride) << static_cast<int>(Drum::Snare);
        QTest::newRow("hats, clap") << static_cast<int>(Drum::Hat) << static_cast<int>(Drum::Clap);
    }
    void drums_are_told_apart() {
        QFETCH(int, time_keeper);
        QFETCH(int, back_beat);
        DrumScore score;
        const auto truth = played(score, static_cast<Drum>(time_keeper), static_cast<Drum>(back_beat), 16);
        const auto sound = score.played();
        QVERIFY2(sound, "fluidsynth or its instruments are missing");
        const auto found = analyze(*sound);
        QVERIFY(found.has_value());
        for (const auto& [drum, key] : keys) {
            const auto& onsets = found->drums[static_cast<std::size_t>(drum)];
            const auto name = std::string(drum_names[static_cast<std::size_t>(drum)]);
            if (const auto plays = truth.find(drum); plays != truth.end())
                QVERIFY2(
                    f_measure(plays->second, onsets) > 0.85,
                    qPrintable(QString("%1: %2").arg(name.c_str()).arg(f_measure(plays->second, onsets))));
            else { // of 128 eighths
                QVERIFY2(onsets.size() <= 6,
                         qPrintable(QString("%1: %2 of none").arg(name.c_str()).arg(onsets.size())));
                QVERIFY2(!found->plays[static_cast<std::size_t>(drum)], name.c_str());
            }
        }
    }

    // Each class is a way of hearing that can be asked for by name, and does without a network what it can.
    void each_class_is_a_function_of_its_own() {
        for (const auto name : drum_names)
            QVERIFY(onset_function(name) != nullptr);
        DrumScore score;
        (void)played(score, Drum::Hat, Drum::Snare, 4);
        const auto sound = score.played();
        QVERIFY(sound);
        const auto plain = extract_features(*sound, {false, false});
        QVERIFY(plain.has_value());
        QVERIFY(plain->features.drums.empty());
        OnsetSettings settings;
        for (std::size_t drum = 0; drum < drum_count; ++drum) {
            settings.function = drum_names[drum];
            QCOMPARE(find_onsets(plain->features, settings).empty(),
                     drum > static_cast<std::size_t>(Drum::Hat));
        }
    }

    // What nobody asks for is not listened to; what is asked for is the same.
    void beats_alone_are_the_same_beats() {
        DrumScore score;
        (void)played(score, Drum::Hat, Drum::Snare, 8);
        const auto sound = score.played();
        QVERIFY(sound);
        AnalysisSettings few;
        few.with_drums = few.with_sections = few.with_loudness = false;
        const auto all = analyze(*sound), some = analyze(*sound, few);
        QVERIFY(all && some && all->grid && some->grid);
        QVERIFY(*all->grid == *some->grid);
        QCOMPARE(all->onsets, some->onsets);
        QVERIFY(some->sections.empty() && !all->sections.empty());
        QVERIFY(some->loudness.tenths.empty() && !all->loudness.tenths.empty());
        for (const auto& row : some->drums)
            QVERIFY(row.empty());
    }

    // Kick and hats on each beat, a snare on none: only the crash every four bars, and the fill before it,
    // tell where bars begin (common practice). The song begins with two beats that belong to no whole bar.
    void a_crash_and_a_fill_place_the_bars() {
        DrumScore score;
        std::vector<double> downbeats;
        for (int beat = 0; beat < 66; ++beat) {
            const double at = 0.5 + 0.5 * beat;
            const int place = beat - 2; // of the first whole bar
            score.hit(at, 36, 110);
            score.hit(at, 42, 80);
            score.hit(at + 0.25, 42, 80);
            if (place >= 0 && place % 4 == 0)
                downbeats.push_back(at);
            if (place >= 0 && place % 16 == 0)
                score.hit(at, 49, 120);
            if (place % 16 >= 14)
                for (const double part : {0.0, 0.125, 0.25, 0.375})
                    score.hit(at + part, place % 16 == 14 ? 48 : 45, 110);
        }
        const auto sound = score.played();
        QVERIFY2(sound, "fluidsynth or its instruments are missing");
        const auto found = analyze(*sound);
        QVERIFY(found.has_value() && found->grid);
        const auto& beats = found->grid->beats();
        int right = 0, bars = 0;
        for (std::size_t i = 0; i < beats.size(); ++i) {
            if (!found->grid->is_downbeat(found->grid->first_beat() + static_cast<std::int64_t>(i)))
                continue;
            ++bars;
            right += std::any_of(downbeats.begin(), downbeats.end(),
                                 [&](double t) { return std::abs(t - beats[i].time.value) < 0.05; });
        }
        QVERIFY2(right >= 14 && bars <= right + 1, qPrintable(QString("%1 of %2").arg(right).arg(bars)));
    }

    void silence_has_no_drums() {
        const auto found = analyze(*store_of(std::vector<float>(44'100 * 4, 0.0f), {44'100, 1}));
        QVERIFY(found.has_value());
        for (const auto& row : found->drums)
            QVERIFY(row.empty());
    }
};

PULSEPIN_TEST_CLASS(TestDrums, "test_drums")
#include "test_drums.moc"
