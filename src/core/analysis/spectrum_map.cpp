// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/spectrum_map.h"

#include "base/kept_file.h"
#include "dsp/real_fft.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace pulsepin {
namespace {

constexpr double lowest_hz = 30, highest_hz = 16'000;
constexpr float range_db = 70;

/// First bin of each band and, last, the end; every band has at least one bin, shared with its neighbour
/// where the transform is too coarse.
struct BandBins {
    std::array<std::size_t, SpectrumMap::bands> first, last;

    BandBins(double sample_rate, std::size_t length) {
        const double bin_hz = sample_rate / static_cast<double>(length);
        const auto bins = length / 2;
        for (std::size_t b = 0; b < SpectrumMap::bands; ++b) {
            const auto edge = [&](std::size_t k) {
                const double octaves =
                    std::log2(highest_hz / lowest_hz) * static_cast<double>(k) / SpectrumMap::bands;
                return lowest_hz * std::exp2(octaves) / bin_hz;
            };
            first[b] = std::min(bins - 1, static_cast<std::size_t>(std::lround(edge(b))));
            last[b] = std::clamp(static_cast<std::size_t>(std::lround(edge(b + 1))), first[b] + 1, bins);
        }
    }
};

} // namespace

Result<SpectrumMap> make_spectrum_map(const SampleStore& sound, const Progress& progress) {
    const double rate = static_cast<double>(sound.format().sample_rate);
    const auto length = std::size_t{1} << static_cast<int>(std::lround(std::log2(rate * 0.085)));
    RealFft fft(length);
    auto window = hann_window(length);
    const float scale = 2 / std::accumulate(window.begin(), window.end(), 0.0f);
    for (float& w : window)
        w *= scale;
    const BandBins bins(rate, length);
    const auto frames = static_cast<std::size_t>(sound.duration().value * SpectrumMap::rate) + 1;
    // In hundredths of a decibel: for hours of sound this is the most memory that drawing needs.
    std::vector<std::int16_t> levels(frames * SpectrumMap::bands);
    constexpr float per_db = 100;
    std::vector<float> samples(length);
    float loudest = -200;
    for (std::size_t f = 0; f < frames; ++f) {
        if (f % 256 == 0) {
            if (progress.cancelled())
                return fail_cancelled();
            progress.report(static_cast<double>(f) / static_cast<double>(frames));
            if (f % 4096 == 0)
                sound.give_back_memory();
        }
        const auto centre = std::llround(static_cast<double>(f) / SpectrumMap::rate * rate);
        sound.read_mono(Samples(centre - static_cast<std::int64_t>(length / 2)), samples);
        const auto input = fft.input();
        for (std::size_t i = 0; i < length; ++i)
            input[i] = samples[i] * window[i];
        const auto spectrum = fft.transform();
        for (std::size_t b = 0; b < SpectrumMap::bands; ++b) {
            float power = 1e-12f;
            for (auto bin = bins.first[b]; bin < bins.last[b]; ++bin)
                power = std::max(power, std::norm(spectrum[bin]));
            // Three decibels an octave are added: music falls off about so, and the top would stay empty
            // otherwise.
            const float tilt = static_cast<float>(b) * 3 * 9.06f / SpectrumMap::bands;
            const float level = 10 * std::log10(power) + tilt;
            levels[f * SpectrumMap::bands + b] =
                static_cast<std::int16_t>(std::clamp(level * per_db, -32768.0f, 32767.0f));
            loudest = std::max(loudest, level);
        }
    }
    SpectrumMap map;
    map.values_.reserve(levels.size());
    const bool silent = loudest < -90;
    for (const std::int16_t level : levels) {
        const float share = silent ? 0.0f : (static_cast<float>(level) / per_db - loudest) / range_db + 1;
        map.values_.push_back(static_cast<std::uint8_t>(std::clamp(share, 0.0f, 1.0f) * 255));
    }
    sound.give_back_memory();
    progress.report(1);
    return map;
}

namespace {
constexpr std::string_view kept_version = "Pulse Pin spectrum 1"; // to be raised whenever the map changes
}

Result<void> save_spectrum(const SpectrumMap& map, std::string_view fingerprint,
                           const std::filesystem::path& path) {
    return save_kept(map, kept_version, fingerprint, path,
                     [](auto& archive, const auto& m) { archive(m.values_); });
}

Result<SpectrumMap> load_spectrum(std::string_view fingerprint, const std::filesystem::path& path) {
    return load_kept<SpectrumMap>(kept_version, fingerprint, path,
                                  [](auto& archive, auto& m) { archive(m.values_); });
}

std::array<std::uint8_t, SpectrumMap::bands> SpectrumMap::between(Seconds from, Seconds until) const {
    std::array<std::uint8_t, bands> most{};
    const auto count = static_cast<std::int64_t>(frames());
    const auto first = static_cast<std::int64_t>(std::floor(from.value * rate + 0.5));
    const auto last = std::max(first + 1, static_cast<std::int64_t>(std::floor(until.value * rate + 0.5)));
    for (auto f = std::max<std::int64_t>(first, 0); f < std::min(last, count); ++f)
        for (std::size_t b = 0; b < bands; ++b)
            most[b] = std::max(most[b], values_[static_cast<std::size_t>(f) * bands + b]);
    return most;
}

} // namespace pulsepin
