// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/load_sound.h"

#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>
#include <cstdint>
#include <random>

namespace pulsepin::test {

/// Samples a second of the sounds that are made here, where nothing else is told.
inline constexpr std::int64_t sound_rate = 48'000;

/// Runs ffmpeg quietly; false when it fails.
inline bool ffmpeg(const QStringList& arguments) {
    QProcess process;
    process.start("ffmpeg", QStringList{"-nostdin", "-loglevel", "error", "-y"} + arguments);
    return process.waitForFinished(60'000) && process.exitCode() == 0;
}

/// A store filled with these samples, interleaved.
inline std::shared_ptr<const SampleStore> store_of(const std::vector<float>& samples, SoundFormat format) {
    auto writer = SampleStoreWriter::create(format);
    if (!writer || !writer->append(samples))
        return nullptr;
    return writer->finish().value_or(nullptr);
}

/// A click track: short bursts that start exactly on their beats.
inline std::shared_ptr<const SampleStore> click_track(double bpm, double first, double seconds,
                                                      std::int64_t rate = 44100) {
    std::vector<float> samples(static_cast<std::size_t>(seconds * static_cast<double>(rate)), 0.0f);
    for (double beat = first; beat < seconds; beat += 60 / bpm) {
        const auto start = static_cast<std::size_t>(std::llround(beat * static_cast<double>(rate)));
        for (std::size_t i = 0; i < static_cast<std::size_t>(rate / 20) && start + i < samples.size(); ++i) {
            const double t = static_cast<double>(i) / static_cast<double>(rate);
            samples[start + i] +=
                static_cast<float>(0.7 * std::exp(-t / 0.012) * std::cos(2 * 3.14159265358979 * 1500 * t));
        }
    }
    return store_of(samples, {rate, 1});
}

/// Mono noise with pauses, the same for a seed: any lag against itself shows.
inline std::vector<float> noise_bursts(std::size_t length, std::uint32_t seed) {
    std::mt19937 random(seed);
    std::normal_distribution<float> normal(0.0f, 0.2f);
    std::vector<float> samples(length);
    for (std::size_t i = 0; i < length; ++i)
        samples[i] = (i / 3000) % 2 == 0 ? std::clamp(normal(random), -0.9f, 0.9f) : 0.0f;
    return samples;
}

} // namespace pulsepin::test
