// SPDX-License-Identifier: GPL-3.0-or-later
//
// What is no music, or hardly: nothing hangs, nothing is made up.
#include "analysis/analyze.h"
#include "support/media.h"
#include "support/test_program.h"

#include <limits>
#include <numbers>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

constexpr std::int64_t noise_rate = 44100;

void check_sane(const Analysis& analysis) {
    const double end = analysis.duration.value + 0.05;
    for (const auto* row :
         {&analysis.onsets, &analysis.drums[0], &analysis.drums[1], &analysis.drums[2], &analysis.drums[3],
          &analysis.drums[4], &analysis.drums[5], &analysis.drums[6], &analysis.steps})
        for (const auto& onset : *row) {
            QVERIFY(std::isfinite(onset.time.value) && onset.time.value >= 0 && onset.time.value <= end);
            QVERIFY(std::isfinite(onset.strength) && onset.strength >= 0 && onset.strength <= 1);
        }
    if (analysis.grid)
        for (const auto& beat : analysis.grid->beats())
            QVERIFY(std::isfinite(beat.time.value) && beat.confidence >= 0 && beat.confidence <= 1);
    QVERIFY(std::isfinite(analysis.loudness.integrated));
    QVERIFY(analysis.pulse >= 0 && analysis.pulse <= 1);
    for (const auto& section : analysis.sections)
        QVERIFY(section.start < section.end);
}

std::vector<float> noise(double seconds, float level, std::uint32_t seed) {
    std::mt19937 random(seed);
    std::normal_distribution<float> normal(0, level);
    std::vector<float> samples(static_cast<std::size_t>(seconds * noise_rate));
    for (float& v : samples)
        v = normal(random);
    return samples;
}

} // namespace

class TestHardInput : public QObject {
    Q_OBJECT
private slots:
    void silence_and_direct_current() {
        for (const float level : {0.0f, 0.5f, -1.0f, 1e-5f}) {
            const auto analysis =
                analyze(*store_of(std::vector<float>(noise_rate * 8, level), {noise_rate, 1}));
            QVERIFY(analysis.has_value());
            check_sane(*analysis);
            QVERIFY2(!analysis->grid, qPrintable(QString::number(static_cast<double>(level))));
            QVERIFY(analysis->onsets.size() <=
                    2); // where direct current begins and ends something does happen
        }
    }

    void noise_has_no_beats() {
        for (const std::uint32_t seed : {1u, 2u, 3u}) {
            const auto analysis = analyze(*store_of(noise(20, 0.1f, seed), {noise_rate, 1}));
            QVERIFY(analysis.has_value());
            check_sane(*analysis);
            QVERIFY(analysis->onsets.size() < 50); // its ups and downs are no starts
            QVERIFY2(!analysis->grid,
                     qPrintable(QString("pulse %1").arg(static_cast<double>(analysis->pulse))));
        }
    }

    // Speech by espeak-ng: words, no beats.
    void speech_has_no_beats() {
        QTemporaryDir dir;
        QProcess voice;
        voice.start(
            "espeak-ng",
            {"-w", dir.filePath("a.wav"), "-v", "en", "-s", "150",
             "When the boats were in, and the nets had been hung up to dry, nobody said much. The "
             "wind had turned. Somebody would have to go out again before the light went, and it would "
             "not be easy. We waited, as one does, for the first to stand up. It was, of all people, "
             "the youngest, who had never been further than the second buoy."});
        QVERIFY(voice.waitForFinished(60'000) && voice.exitCode() == 0);
        const auto sound = load_sound(dir.filePath("a.wav").toStdString());
        QVERIFY(sound.has_value());
        const auto analysis = analyze(*sound->samples);
        QVERIFY(analysis.has_value());
        check_sane(*analysis);
        QVERIFY2(!analysis->grid, qPrintable(QString("pulse %1").arg(static_cast<double>(analysis->pulse))));
        QVERIFY2(analysis->onsets.size() > 5,
                 qPrintable(QString::number(analysis->onsets.size()))); // words do begin
    }

    void samples_that_are_no_numbers() {
        const auto clicks = click_track(120, 0.2, 20);
        std::vector<float> samples(clicks->interleaved().begin(), clicks->interleaved().end());
        for (std::size_t i = 1000; i < samples.size(); i += 40'000)
            samples[i] = i % 3 == 0   ? std::numeric_limits<float>::quiet_NaN()
                         : i % 3 == 1 ? std::numeric_limits<float>::infinity()
                                      : -std::numeric_limits<float>::infinity();
        const auto analysis = analyze(*store_of(samples, {noise_rate, 1}));
        QVERIFY(analysis.has_value());
        check_sane(*analysis);
    }

    void clipped_hard_it_is_still_music() {
        const auto clean = click_track(96, 0.2, 30);
        std::vector<float> samples;
        for (const float v : clean->interleaved())
            samples.push_back(std::clamp(40 * v, -1.0f, 1.0f));
        const auto analysis = analyze(*store_of(samples, {noise_rate, 1}));
        QVERIFY(analysis && analysis->grid);
        check_sane(*analysis);
        QVERIFY(std::abs(analysis->grid->typical_tempo().value - 96) < 0.5);
    }

    void very_short() {
        for (const std::size_t length : {1u, 2u, 100u, 441u, 2000u, 22050u, 60000u}) {
            const auto analysis = analyze(
                *store_of(noise(static_cast<double>(length) / noise_rate + 1e-9, 0.3f, 7), {noise_rate, 1}));
            QVERIFY(analysis.has_value());
            check_sane(*analysis);
        }
    }

    void rates_and_channels() {
        const auto eight = analyze(*click_track(120, 0.3, 25, 8000));
        QVERIFY(eight && eight->grid && std::abs(eight->grid->typical_tempo().value - 120) < 0.5);
        // 192 kHz in 7.1: eight channels, the same clicks in each.
        const auto mono = click_track(120, 0.3, 12, 192'000);
        std::vector<float> samples;
        for (const float v : mono->interleaved())
            samples.insert(samples.end(), 8, v);
        const auto wide = analyze(*store_of(samples, {192'000, 8}));
        QVERIFY(wide.has_value());
        QVERIFY2(wide->grid.has_value(),
                 qPrintable(QString("pulse %1").arg(static_cast<double>(wide->pulse))));
        QVERIFY2(std::abs(wide->grid->typical_tempo().value - 120) < 0.5,
                 qPrintable(QString::number(wide->grid->typical_tempo().value)));
        check_sane(*wide);
    }

    void tempi_out_of_bounds() {
        // A click every four seconds, and twelve a second: there may be a grid, but only one within 30 to
        // 300.
        for (const double bpm : {15.0, 720.0}) {
            const auto analysis = analyze(*click_track(bpm, 0.3, 40));
            QVERIFY(analysis.has_value());
            check_sane(*analysis);
            if (analysis->grid) {
                const double found = analysis->grid->typical_tempo().value;
                QVERIFY2(found >= 30 && found <= 300, qPrintable(QString::number(found)));
            }
        }
    }

    // A melody of plucks, nothing else: music without drums still has a beat.
    void music_without_drums() {
        std::vector<float> samples(noise_rate * 30, 0.0f);
        const double scale[] = {220, 247, 262, 294, 330, 294, 262, 247};
        int note = 0;
        std::vector<double> starts;
        for (double t = 0.4; t < 29; t += 0.5, ++note) {
            starts.push_back(t);
            for (std::size_t i = 0;
                 i < noise_rate / 2 && static_cast<std::size_t>(t * noise_rate) + i < samples.size(); ++i) {
                const double s = static_cast<double>(i) / noise_rate;
                double v = 0;
                for (int k = 1; k <= 6; ++k)
                    v += std::sin(2 * std::numbers::pi * scale[note % 8] * k * s) / k;
                samples[static_cast<std::size_t>(t * noise_rate) + i] +=
                    static_cast<float>((note % 4 == 0 ? 0.25 : 0.15) * v * std::exp(-s / 0.2));
            }
        }
        const auto analysis = analyze(*store_of(samples, {noise_rate, 1}));
        QVERIFY(analysis && analysis->grid);
        check_sane(*analysis);
        const double found = analysis->grid->typical_tempo().value;
        QVERIFY2(std::abs(found - 120) < 1 || std::abs(found - 60) < 1, qPrintable(QString::number(found)));
        QVERIFY(analysis->drums[0].size() < 10 && analysis->drums[1].size() < 10);
    }

    void without_the_network_everything_works() {
        AnalysisSettings settings;
        settings.with_network = false;
        const auto analysis = analyze(*click_track(108, 0.2, 30), settings);
        QVERIFY(analysis && analysis->grid);
        QVERIFY(std::abs(analysis->grid->typical_tempo().value - 108) < 0.5);
        QVERIFY(!analysis->onsets.empty());
        check_sane(*analysis);
    }
};

PULSEPIN_TEST_CLASS(TestHardInput, "test_hard_input")
#include "test_hard_input.moc"
