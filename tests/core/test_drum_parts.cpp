// SPDX-License-Identifier: GPL-3.0-or-later
//
// Drums taken out of a mix whose parts are known: drums rendered with fluidsynth over a bass in their own
// octave and a chord. How well is said by the scale-invariant ratio of signal to distortion (Le Roux et al.,
// "SDR - half-baked or well done?", ICASSP 2019; from memory).
#include "analysis/drum_parts.h"
#include "dsp/biquad.h"
#include "media/sound_part.h"
#include "support/drum_score.h"
#include "support/test_program.h"

#include <QTest>
#include <cmath>
#include <numbers>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

constexpr int drum_rate = 44'100;
using Sound = std::vector<double>;

Sound mono(const SampleStore& store) {
    std::vector<float> samples(static_cast<std::size_t>(store.length().value));
    store.read_mono(Samples(0), samples);
    return {samples.begin(), samples.end()};
}

Sound drums_of(int bars, bool kick_alone) {
    DrumScore score;
    for (int bar = 0; bar < bars; ++bar)
        for (int i = 0; i < 8; ++i) {
            const double at = 0.5 + 2.0 * bar + 0.25 * i;
            if (i == 0 || i == 4 || (i == 5 && bar % 2 == 1))
                score.hit(at, 36, 112);
            if (kick_alone)
                continue;
            score.hit(at, 42, i % 2 == 0 ? 84 : 66);
            if (i == 2 || i == 6)
                score.hit(at, 38, 110);
        }
    const auto sound = score.played();
    return sound ? mono(*sound) : Sound();
}

void add_note(Sound& sound, double from, double seconds, double hz, double level) {
    const auto first = static_cast<std::size_t>(from * drum_rate),
               count = static_cast<std::size_t>(seconds * drum_rate);
    for (std::size_t i = 0; i < count && first + i < sound.size(); ++i) {
        const double t = static_cast<double>(i) / drum_rate;
        const double edge = std::min({1.0, t / 0.01, (seconds - t) / 0.02});
        for (int partial = 1; partial <= 4; ++partial)
            sound[first + i] +=
                level / (partial * partial) * edge * std::sin(2 * std::numbers::pi * hz * partial * t);
    }
}

/// A bass in eighths and a chord for each bar.
Sound accompaniment(std::size_t length) {
    constexpr double bass[] = {55.0, 55.0, 82.4, 55.0, 65.4, 65.4, 49.0, 73.4};
    Sound sound(length, 0.0);
    for (int i = 0; 0.5 + 0.25 * i < static_cast<double>(length) / drum_rate - 1; ++i) {
        add_note(sound, 0.5 + 0.25 * i, 0.24, bass[i % 8], 0.06);
        if (i % 8 == 0)
            for (const double hz : {220.0, 277.2, 329.6})
                add_note(sound, 0.5 + 0.25 * i, 1.98, hz * (i % 16 == 0 ? 1 : 1.122), 0.03);
    }
    return sound;
}

std::shared_ptr<const SampleStore> stored(const Sound& sound) {
    return store_of(std::vector<float>(sound.begin(), sound.end()), {drum_rate, 1});
}

Sound operator+(Sound a, const Sound& b) {
    for (std::size_t i = 0; i < std::min(a.size(), b.size()); ++i)
        a[i] += b[i];
    return a;
}

double power(const Sound& sound) {
    double sum = 0;
    for (const double value : sound)
        sum += value * value;
    return sum;
}

/// In decibels; any gain of the estimate is as good as another.
double distortion_ratio(const Sound& truth, const Sound& estimate) {
    double both = 0;
    for (std::size_t i = 0; i < truth.size(); ++i)
        both += truth[i] * estimate[i];
    const double gain = both / power(truth);
    Sound error = estimate;
    for (std::size_t i = 0; i < error.size(); ++i)
        error[i] -= gain * truth[i];
    return 10 * std::log10(gain * gain * power(truth) / power(error));
}

double low_level(Sound sound) {
    const auto band = band_pass_sections(30, 110, drum_rate);
    run_forward(band, sound);
    run_backward(band, sound);
    return 10 * std::log10(power(sound));
}

Sound by_drums(const SampleStore& sound, const char* part) {
    const auto made = part_by_drums(sound, part, "both");
    return made ? mono(*made->samples) : Sound();
}

} // namespace

class TestDrumParts : public QObject {
    Q_OBJECT
private slots:
    void drums_come_out_of_a_mix_and_kicks_with_them() {
        const Sound drums = drums_of(10, false), kick = drums_of(10, true);
        QVERIFY2(!drums.empty() && !kick.empty(), "fluidsynth or its instruments are missing");
        const Sound rest = accompaniment(drums.size());
        const auto mix = stored(drums + rest);
        const Sound percussive = by_drums(*mix, "percussive"), harmonic = by_drums(*mix, "harmonic"),
                    residual = by_drums(*mix, "residual");
        const auto by_medians = [&](const char* part) {
            const auto made = sound_part(*mix, {part});
            return made ? mono(*made->samples) : Sound();
        };
        QCOMPARE(percussive.size(), drums.size());

        const double kick_off = low_level(percussive) - low_level(kick);
        QVERIFY2(std::abs(kick_off) < 3, qPrintable(QString("kick %1 dB off").arg(kick_off)));
        const double is = distortion_ratio(drums, percussive),
                     was = distortion_ratio(drums, by_medians("percussive"));
        QVERIFY2(is > was + 4, qPrintable(QString("drums %1 dB, by medians alone %2 dB").arg(is).arg(was)));
        const double rest_is = distortion_ratio(rest, harmonic),
                     rest_was = distortion_ratio(rest, by_medians("harmonic"));
        QVERIFY2(rest_is > rest_was,
                 qPrintable(QString("the rest %1 dB, by medians alone %2 dB").arg(rest_is).arg(rest_was)));

        const Sound whole = mono(*mix), sum = percussive + harmonic + residual;
        for (std::size_t i = 0; i < whole.size(); ++i)
            QVERIFY2(std::abs(sum[i] - whole[i]) < 1e-4, qPrintable(QString::number(i)));
    }

    void without_drums_it_is_as_by_medians_alone() {
        const auto sound = stored(accompaniment(8 * drum_rate));
        for (const char* part : {"percussive", "harmonic", "residual"}) {
            const auto plain = sound_part(*sound, {part});
            QVERIFY(plain.has_value());
            QVERIFY(by_drums(*sound, part) == mono(*plain->samples));
        }
    }

    void a_side_is_taken_apart_by_itself() {
        const Sound drums = drums_of(6, false);
        QVERIFY2(!drums.empty(), "fluidsynth or its instruments are missing");
        const Sound rest = accompaniment(drums.size());
        std::vector<float> samples;
        for (std::size_t i = 0; i < drums.size(); ++i) {
            samples.push_back(static_cast<float>(drums[i]));
            samples.push_back(static_cast<float>(rest[i]));
        }
        const auto stereo = store_of(samples, {drum_rate, 2});
        const auto left = part_by_drums(*stereo, "percussive", "left");
        QVERIFY(left.has_value());
        QCOMPARE(left->samples->format().channels, 1);
        QVERIFY(distortion_ratio(drums, mono(*left->samples)) > 10);
    }

    void a_cancelled_part_is_not_made() {
        std::stop_source stop;
        stop.request_stop();
        Progress progress;
        progress.stop = stop.get_token();
        const auto made =
            part_by_drums(*stored(accompaniment(4 * drum_rate)), "percussive", "both", progress);
        QVERIFY(!made && made.error().cancelled());
    }

    void next_to_nothing_is_taken_apart() {
        for (const std::size_t length : {0, 1, 700, 3000}) {
            const auto sound = stored(Sound(length, 0.1));
            for (const char* part : {"percussive", "harmonic", "residual"})
                QCOMPARE(by_drums(*sound, part).size(), length);
        }
    }
};

PULSEPIN_TEST_CLASS(TestDrumParts, "test_drum_parts")
#include "test_drum_parts.moc"
