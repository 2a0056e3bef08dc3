// SPDX-License-Identifier: GPL-3.0-or-later
//
// Loudness from tenths of a second against the whole of libebur128, whose gating and spans are its own.
#include "analysis/loudness.h"
#include "dsp/true_peak.h"
#include "support/media.h"
#include "support/test_program.h"

#include <QTest>
#include <ebur128.h>
#include <numbers>
#include <random>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

struct Reference {
    double integrated = 0;
    std::vector<double> short_term; ///< each half second, of the three seconds before
};

Reference by_library(const std::vector<float>& samples, SoundFormat format) {
    auto* meter =
        ebur128_init(static_cast<unsigned>(format.channels), static_cast<unsigned long>(format.sample_rate),
                     EBUR128_MODE_S | EBUR128_MODE_I);
    const auto channels = static_cast<std::size_t>(format.channels);
    const auto half = static_cast<std::size_t>(format.sample_rate / 2);
    Reference out;
    for (std::size_t at = 0; at + half * channels <= samples.size(); at += half * channels) {
        ebur128_add_frames_float(meter, samples.data() + at, half);
        double value = 0;
        ebur128_loudness_shortterm(meter, &value);
        out.short_term.push_back(value);
    }
    ebur128_loudness_global(meter, &out.integrated);
    ebur128_destroy(&meter);
    return out;
}

/// Coloured noise whose level goes up and down, with a stretch of silence that the gates must leave out.
std::vector<float> lively_noise(double seconds, SoundFormat format, std::uint32_t seed) {
    std::mt19937 random(seed);
    std::normal_distribution<float> normal(0, 0.1f);
    std::vector<float> samples;
    std::vector<float> before(static_cast<std::size_t>(format.channels), 0.0f);
    const auto frames = static_cast<std::int64_t>(seconds * static_cast<double>(format.sample_rate));
    for (std::int64_t i = 0; i < frames; ++i) {
        const double time = static_cast<double>(i) / static_cast<double>(format.sample_rate);
        const double level = time > 8 && time < 14 ? 0 : 0.2 + 0.8 * std::abs(std::sin(0.7 * time));
        for (auto& last : before) {
            last = 0.6f * last + normal(random) * static_cast<float>(level);
            samples.push_back(last);
        }
    }
    return samples;
}

} // namespace

class TestLoudness : public QObject {
    Q_OBJECT
private slots:
    void as_the_library_measures_data() {
        QTest::addColumn<int>("rate");
        QTest::addColumn<int>("channels");
        QTest::newRow("mono 48 kHz") << 48'000 << 1;
        QTest::newRow("stereo 44.1 kHz") << 44'100 << 2;
        QTest::newRow("stereo 96 kHz") << 96'000 << 2;
        QTest::newRow("mono 22.05 kHz") << 22'050 << 1;
    }
    void as_the_library_measures() {
        QFETCH(int, rate);
        QFETCH(int, channels);
        const SoundFormat format{rate, channels};
        const auto samples = lively_noise(30, format, 3);
        const auto reference = by_library(samples, format);
        const auto store = store_of(samples, format);
        QVERIFY(store);
        const auto loudness = measure_loudness(*store);
        QVERIFY(loudness);
        QVERIFY2(
            std::abs(static_cast<double>(loudness->integrated) - reference.integrated) < 0.01,
            qPrintable(
                QString("%1 %2").arg(static_cast<double>(loudness->integrated)).arg(reference.integrated)));
        // The library tells of the three seconds before; here they lie around, so three steps later.
        QCOMPARE(loudness->short_term.size(), reference.short_term.size());
        for (std::size_t i = 3; i + 3 < reference.short_term.size(); ++i) {
            const double theirs = reference.short_term[i + 2],
                         ours = static_cast<double>(loudness->short_term[i]);
            if (theirs > -60)
                QVERIFY2(std::abs(theirs - ours) < 0.02,
                         qPrintable(QString("%1: %2 %3").arg(i).arg(ours).arg(theirs)));
            else
                QVERIFY(ours < -59);
        }
    }

    // EBU Tech 3341, case 3: what is quieter by more than 10 LU than the rest does not count; by hand: a tone
    // of ten seconds at -36 dBFS, a minute at -23, ten seconds at -36 reads -23 (stereo, 1 kHz).
    void the_relative_gate() {
        const SoundFormat format{48'000, 2};
        std::vector<float> samples;
        const auto tone = [&](double seconds, double db) {
            const double amplitude = std::pow(10.0, db / 20);
            for (int i = 0; i < static_cast<int>(seconds * 48'000); ++i) {
                const auto v =
                    static_cast<float>(amplitude * std::sin(2 * 3.14159265358979 * 1000 * i / 48'000.0));
                samples.push_back(v);
                samples.push_back(v);
            }
        };
        tone(10, -36);
        tone(60, -23);
        tone(10, -36);
        const auto loudness = measure_loudness(*store_of(samples, format));
        QVERIFY(loudness);
        QVERIFY2(std::abs(static_cast<double>(loudness->integrated) + 23) < 0.1,
                 qPrintable(QString::number(static_cast<double>(loudness->integrated))));
    }

    void silence_and_a_moment_have_no_loudness() {
        const SoundFormat format{48'000, 2};
        for (const std::size_t frames : {std::size_t{0}, std::size_t{100}, std::size_t{48'000 * 5}}) {
            const auto store = store_of(std::vector<float>(2 * frames, 0.0f), format);
            if (!store)
                continue; // nothing at all is no sound
            const auto loudness = measure_loudness(*store);
            QVERIFY(loudness);
            QCOMPARE(loudness->integrated, Loudness::silence);
            for (const float value : loudness->short_term)
                QCOMPARE(value, Loudness::silence);
        }
    }

    // The same in however small pieces the samples come.
    void pieces_make_no_difference() {
        const SoundFormat format{44'100, 2};
        const auto samples = lively_noise(6, format, 8);
        LoudnessMeter whole(format), parts(format);
        whole.add(samples);
        for (std::size_t at = 0; at < samples.size(); at += 2 * 777)
            parts.add(std::span(samples).subspan(at, std::min<std::size_t>(2 * 777, samples.size() - at)));
        const auto a = whole.finish(), b = parts.finish();
        QVERIFY(std::abs(a.integrated - b.integrated) < 1e-4f);
        QCOMPARE(a.short_term.size(), b.short_term.size());
    }

    // EBU Tech 3341, tests 15 to 19 (values from memory): a sine of half the full scale at a quarter of the
    // sample rate, whose tops lie between the samples as its phase says, reads -6 dBTP, 0.2 more or 0.4 less;
    // and that of noise is what libebur128 reads, at all rates and however it is cut into blocks.
    void true_peaks_are_those_of_the_standard() {
        for (const double degrees : {0.0, 45.0, 60.0, 67.5}) {
            std::vector<float> sine(48'000);
            for (std::size_t i = 0; i < sine.size(); ++i) {
                // Faded in and out, so that the ends are no steps.
                const double fade = std::min(
                    {1.0, static_cast<double>(i) / 4800, static_cast<double>(sine.size() - i) / 4800});
                sine[i] = static_cast<float>(
                    0.5 * fade * std::sin(std::numbers::pi * (static_cast<double>(i) / 2 + degrees / 180)));
            }
            const double peak = 20 * std::log10(static_cast<double>(TruePeak(48'000).of_next(sine)));
            QVERIFY2(peak > -6.4 && peak < -5.8, qPrintable(QString("%1: %2").arg(degrees).arg(peak)));
        }
        for (const int rate : {8000, 44'100, 48'000, 96'000, 192'000}) {
            std::vector<float> noise(static_cast<std::size_t>(rate));
            std::uint32_t random = 7;
            for (auto& sample : noise) {
                random = random * 1664525u + 1013904223u;
                sample = static_cast<float>(random >> 8) / 8388608.0f - 1.0f;
            }
            ebur128_state* meter = ebur128_init(1, static_cast<unsigned long>(rate), EBUR128_MODE_TRUE_PEAK);
            ebur128_add_frames_float(meter, noise.data(), noise.size());
            double theirs = 0;
            ebur128_true_peak(meter, 0, &theirs);
            ebur128_destroy(&meter);
            TruePeak ours(rate);
            float highest = 0;
            for (std::size_t at = 0, block = 1; at < noise.size();
                 at += block, block = block * 3 % 1009 + 1) {
                block = std::min(block, noise.size() - at);
                highest = std::max(highest, ours.of_next(std::span(noise).subspan(at, block)));
            }
            QVERIFY2(
                std::abs(static_cast<double>(highest) - theirs) < 1e-4 * theirs,
                qPrintable(QString("%1: %2, %3").arg(rate).arg(static_cast<double>(highest)).arg(theirs)));
        }
    }
};

PULSEPIN_TEST_CLASS(TestLoudness, "test_loudness")
#include "test_loudness.moc"
