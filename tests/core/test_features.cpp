// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/bars.h"
#include "analysis/beat_refine.h"
#include "analysis/onsets.h"
#include "analysis/similarity.h"
#include "support/media.h"
#include "support/test_program.h"

#include <numbers>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// Plucks: a tone with overtones that starts at once and dies away.
std::shared_ptr<const SampleStore> plucks(const std::vector<double>& at, double seconds, double hz = 196) {
    constexpr std::int64_t rate = 44100;
    std::vector<float> samples(static_cast<std::size_t>(seconds * rate), 0.0f);
    for (const double start : at)
        for (auto i = static_cast<std::size_t>(std::llround(start * rate)); i < samples.size(); ++i) {
            const double t = static_cast<double>(i) / rate - start;
            double v = 0;
            for (int k = 1; k <= 8; ++k)
                v += std::sin(2 * std::numbers::pi * hz * k * t) / k;
            samples[i] += static_cast<float>(0.2 * v * std::exp(-t / 0.25));
        }
    return store_of(samples, {rate, 1});
}

} // namespace

Features features_of(const SampleStore& sound) {
    static const auto network = ActivationNetwork::for_rhythm();
    return *compute_features(sound, {network ? &*network : nullptr, nullptr});
}

class TestFeatures : public QObject {
    Q_OBJECT
private slots:
    void curves_have_the_length_of_the_sound() {
        const auto f = features_of(*plucks({0.5}, 3));
        QVERIFY(!f.silent);
        for (const auto* slow : {&f.novelty, &f.raw, &f.surprise, &f.rms, &f.peak, &f.percussive, &f.harmonic,
                                 &f.bass_change, &f.mid_change})
            QCOMPARE(slow->size(), std::size_t{301});
        for (const auto* fast : {&f.flux, &f.energy_rise, &f.high_rise})
            QCOMPARE(fast->size(), std::size_t{602});
        QCOMPARE(f.harmony.frames(), std::size_t{151});
        QCOMPARE(f.rises.frames(), std::size_t{301});
        for (const auto& band : f.bands)
            QCOMPARE(band.size(), f.novelty.size());
        for (const auto& heard : f.activations.log_odds)
            QCOMPARE(heard.size(), f.novelty.size());
    }

    void slow_and_fast_clocks_agree() {
        QCOMPARE(Features::slow_index(Seconds(Features::slow_time(123))), 123.0);
        QCOMPARE(Features::fast_time(200), 1.0);
    }

    // Onsets of plucks, alone and over one another, without a constant lateness.
    void onsets_of_plucks() {
        const std::vector<double> truth{0.5, 1.03, 1.61, 2.2, 2.75, 3.4};
        const auto f = features_of(*plucks(truth, 4));
        const auto onsets = find_onsets(f);
        double sum = 0;
        for (const double t : truth) {
            const auto near = std::find_if(onsets.begin(), onsets.end(),
                                           [t](const Onset& o) { return std::abs(o.time.value - t) < 0.02; });
            QVERIFY2(near != onsets.end(), qPrintable(QString::number(t)));
            sum += near->time.value - t;
        }
        QVERIFY2(std::abs(sum / static_cast<double>(truth.size())) < 0.002,
                 qPrintable(QString::number(sum / 6 * 1000)));
        for (const auto& o : onsets)
            QVERIFY(o.strength > 0 && o.strength <= 1);
    }

    void an_attack_is_found_to_the_millisecond() {
        const auto f = features_of(*click_track(60, 0.5, 3));
        for (const double off : {-0.012, -0.004, 0.0, 0.006, 0.012})
            QVERIFY(std::abs(attack_start(f, Seconds(1.5 + off)).value - 1.5) < 0.0016);
        QCOMPARE(attack_start(f, Seconds(1.2)), Seconds(1.2)); // nothing there: it stays
    }

    // Beats that are shaken by a few milliseconds come back onto one line; a late run of them is believed.
    void shaken_beats_are_evened_out() {
        const auto f = features_of(*click_track(120, 0.25, 24));
        std::mt19937 random(2);
        BeatTrack track;
        for (double t = 0.25; t < 23.9; t += 0.5)
            track.push_back(Features::slow_index(Seconds(t)) + static_cast<double>(random() % 100) / 100 -
                            0.5);
        const auto refined = refine_beats(f, track);
        QCOMPARE(refined.times.size(), track.size());
        for (std::size_t i = 0; i < refined.times.size(); ++i) {
            QVERIFY(std::abs(refined.times[i].value - (0.25 + 0.5 * static_cast<double>(i))) < 0.002);
            QVERIFY(refined.confidence[i] >= 0);
        }
    }

    // Bass and another chord on every fourth beat tell where bars begin.
    void bars_begin_where_the_harmony_changes() {
        constexpr std::int64_t rate = 44100;
        constexpr int beats = 48, offset = 3;
        std::vector<float> samples(static_cast<std::size_t>(rate) * beats / 2, 0.0f);
        const double chords[4][2] = {{220, 277}, {196, 247}, {174.6, 220}, {164.8, 207.7}};
        BeatTrack track;
        for (int beat = 0; beat < beats; ++beat) {
            const int into_bar = (beat + 4 - offset) % 4;
            const auto& chord = chords[((beat + 4 - offset) / 4) % 4];
            track.push_back(Features::slow_index(Seconds(beat * 0.5)));
            const auto start = static_cast<std::size_t>(beat) * rate / 2;
            for (std::size_t i = 0; i < rate / 2; ++i) {
                const double t = static_cast<double>(i) / rate;
                double v = 0.1 * (std::sin(2 * std::numbers::pi * chord[0] * t) +
                                  std::sin(2 * std::numbers::pi * chord[1] * t));
                if (into_bar == 0)
                    v += 0.4 * std::sin(2 * std::numbers::pi * 65 * t) * std::exp(-t / 0.2);
                samples[start + i] = static_cast<float>(v);
            }
        }
        const auto f = features_of(*store_of(samples, {rate, 1}));
        const Accents accents(f);
        const auto bars = BarModel(f, accents).fit(track, std::nullopt);
        QCOMPARE(bars.place.size(), track.size());
        for (std::size_t i = 8; i + 8 < track.size(); ++i) {
            QCOMPARE(bars.beats_in_bar[i], 4);
            QCOMPARE(bars.place[i], static_cast<int>((i + 4 - offset) % 4));
        }
        QVERIFY(bars.contrast > BarModel(f, accents).fit(track, 3).contrast);
    }
};

PULSEPIN_TEST_CLASS(TestFeatures, "test_features")
#include "test_features.moc"
