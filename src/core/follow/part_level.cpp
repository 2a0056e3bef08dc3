// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/part_level.h"

#include "dsp/real_fft.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <deque>

namespace pulsepin {
namespace {

constexpr double frames_per_second = 100;
constexpr std::size_t in_time = 17;      // frames: 170 ms
constexpr std::size_t in_frequency = 17; // bins: 400 Hz

float median(std::vector<float>& values) {
    const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return *middle;
}

class Spectra {
public:
    Spectra(const SampleStore& sound, const std::string& channel)
        : sound_(sound), channel_(channel),
          fft_(std::bit_ceil(static_cast<std::size_t>(sound.format().sample_rate) / 24)),
          window_(hann_window(fft_.length())) {}

    [[nodiscard]] std::size_t length() const { return fft_.length(); }
    [[nodiscard]] std::size_t bins() const { return fft_.bins(); }
    [[nodiscard]] double hz(std::size_t bin) const {
        return static_cast<double>(bin) * static_cast<double>(sound_.format().sample_rate) /
               static_cast<double>(fft_.length());
    }

    /// Root of the power that each bin stands for.
    std::vector<float> at(std::int64_t centre) {
        const auto input = fft_.input();
        const auto all = sound_.interleaved();
        const auto channels = static_cast<std::size_t>(sound_.format().channels);
        const auto frames = static_cast<std::int64_t>(all.size() / channels);
        double window_power = 0;
        for (std::size_t i = 0; i < input.size(); ++i) {
            const std::int64_t place =
                centre + static_cast<std::int64_t>(i) - static_cast<std::int64_t>(input.size() / 2);
            float value = 0;
            if (place >= 0 && place < frames)
                value = sample(all, channels, static_cast<std::size_t>(place));
            input[i] = value * window_[i];
            window_power += static_cast<double>(window_[i]) * static_cast<double>(window_[i]);
        }
        const auto scale =
            static_cast<float>(std::sqrt(2 / (static_cast<double>(input.size()) * window_power)));
        std::vector<float> magnitudes;
        magnitudes.reserve(bins());
        for (const auto& bin : fft_.transform())
            magnitudes.push_back(std::abs(bin) * scale);
        return magnitudes;
    }

private:
    [[nodiscard]] float sample(std::span<const float> all, std::size_t channels, std::size_t place) const {
        if (channels > 1 && channel_ == "left")
            return all[place * channels];
        if (channels > 1 && channel_ == "right")
            return all[place * channels + 1];
        return sound_.mono_at(Samples(static_cast<std::int64_t>(place)));
    }
    const SampleStore& sound_;
    std::string channel_;
    RealFft fft_;
    std::vector<float> window_;
};

} // namespace

Result<LevelTrack> measure_part(const SampleStore& sound, const LevelSpec& spec, const Progress& progress) {
    Spectra spectra(sound, spec.channel);
    const auto count = static_cast<std::size_t>(sound.duration().value * frames_per_second) + 1;
    std::size_t low = 1, high = spectra.bins();
    while (spec.from_hz > 0 && low + 1 < high && spectra.hz(low) < spec.from_hz)
        ++low;
    while (spec.until_hz > 0 && high > low + 1 && spectra.hz(high - 1) > spec.until_hz)
        --high;
    const bool percussive = spec.part == "percussive";
    LevelTrack track{frames_per_second, {}};
    track.values.reserve(count);
    std::deque<std::vector<float>> around; // the frames i - in_time/2 .. i + in_time/2
    const auto frame = [&](std::size_t i) {
        return spectra.at(std::llround(static_cast<double>(i) / frames_per_second *
                                       static_cast<double>(sound.format().sample_rate)));
    };
    for (std::size_t i = 0; i < in_time / 2; ++i)
        around.push_back(frame(i));
    std::size_t first = 0;
    std::vector<float> in_line;
    for (std::size_t i = 0; i < count; ++i) {
        if (i % 100 == 0) {
            if (progress.cancelled())
                return fail_cancelled();
            progress.report(static_cast<double>(i) / static_cast<double>(count));
            sound.give_back_memory();
        }
        around.push_back(frame(i + in_time / 2));
        if (around.size() > in_time) {
            around.pop_front();
            ++first;
        }
        const auto& now = around[i - first];
        double power = 0;
        for (std::size_t bin = low; bin < high; ++bin) {
            in_line.clear();
            for (const auto& other : around)
                in_line.push_back(other[bin]);
            const auto steady = static_cast<double>(median(in_line));
            const std::size_t from = bin < in_frequency / 2 ? 0 : bin - in_frequency / 2;
            const std::size_t until = std::min(spectra.bins(), bin + in_frequency / 2 + 1);
            in_line.assign(now.begin() + static_cast<std::ptrdiff_t>(from),
                           now.begin() + static_cast<std::ptrdiff_t>(until));
            const auto broad = static_cast<double>(median(in_line));
            const double both = steady * steady + broad * broad;
            const double mine = percussive ? broad * broad : steady * steady;
            const auto level = static_cast<double>(now[bin]);
            if (both > 0)
                power += level * level * mine / both;
        }
        track.values.push_back(static_cast<float>(std::sqrt(power)));
    }
    return track;
}

} // namespace pulsepin
