// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/level_track.h"

#include "base/in_order.h"
#include "dsp/biquad.h"
#include "follow/onset_strength.h"
#include "media/sound_part.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

const std::string strength_prefix = "onsets ";

constexpr double values_per_second = 400;
constexpr double block_seconds = 8;
constexpr double margin_seconds = 0.75; // what filters need to settle, and windows to reach out

double window_of(const LevelSpec& spec) {
    if (spec.measure == "peak")
        return 0.005;
    if (spec.measure == "loudness")
        return 0.1;
    return spec.from_hz > 0 ? std::clamp(2 / spec.from_hz, 0.02, 0.1) : spec.until_hz > 0 ? 0.05 : 0.03;
}

/// One stretch of one channel, filtered.
class Stretch {
public:
    Stretch(const LevelSpec& spec, double sample_rate)
        : band_(band_pass_sections(spec.from_hz, spec.until_hz, sample_rate)) {
        if (spec.measure == "loudness")
            weights_ = k_weighting(sample_rate);
    }

    /// `other`: how much of the second channel is added, with half of the first.
    std::vector<double>& load(std::span<const float> interleaved, std::size_t channels, std::size_t channel,
                              double other, std::int64_t from, std::int64_t until) {
        const auto frames = static_cast<std::int64_t>(interleaved.size() / channels);
        signal_.assign(static_cast<std::size_t>(until - from), 0.0);
        for (std::int64_t i = std::max<std::int64_t>(from, 0); i < std::min(until, frames); ++i) {
            const auto* frame = interleaved.data() + static_cast<std::size_t>(i) * channels;
            signal_[static_cast<std::size_t>(i - from)] =
                other == 0 ? static_cast<double>(frame[channel])
                           : static_cast<double>(frame[0]) / 2 + other * static_cast<double>(frame[1]);
        }
        run_forward(band_, signal_);
        run_backward(band_, signal_);
        run_forward(weights_, signal_);
        return signal_;
    }

private:
    std::vector<Biquad> band_, weights_;
    std::vector<double> signal_;
};

/// The powers of a stretch summed up, so that any window of it is two lookups.
void add_powers(std::vector<double>& sums, const std::vector<double>& signal) {
    double sum = 0;
    for (std::size_t i = 0; i < signal.size(); ++i) {
        sum += signal[i] * signal[i];
        sums[i + 1] += sum;
    }
}

void take_highest(std::vector<double>& highest, const std::vector<double>& signal) {
    for (std::size_t i = 0; i < signal.size(); ++i)
        highest[i] = std::max(highest[i], std::abs(signal[i]));
}

} // namespace

LevelSpec level_spec(const ParamValues& v) {
    const std::string& function = v.text("function"); // of the source that follows the strength of onsets
    return {function.empty() ? v.text("measure") : strength_prefix + function, v.text("part"),
            v.text("channel"), v.number("from"), v.number("until")};
}

float LevelTrack::at(double seconds) const {
    if (values.empty())
        return 0;
    const double place = std::clamp(seconds * per_second, 0.0, static_cast<double>(values.size() - 1));
    const auto i = std::min(static_cast<std::size_t>(place), values.size() - 1);
    const auto j = std::min(i + 1, values.size() - 1);
    const auto part = static_cast<float>(place - std::floor(place));
    return values[i] + (values[j] - values[i]) * part;
}

Result<LevelTrack> measure_level(const SampleStore& sound, const LevelSpec& spec, const Progress& progress) {
    if (spec.part != "whole") {
        const auto part = sound_part(sound, {spec.part, spec.channel}, progress.part(0, 0.7));
        if (!part)
            return tl::unexpected(part.error());
        return measure_level(*part->samples, {spec.measure, "whole", "both", spec.from_hz, spec.until_hz},
                             progress.part(0.7, 1));
    }
    if (spec.measure.starts_with(strength_prefix)) {
        if (spec.channel == "both" || sound.format().channels == 1) {
            std::optional<std::pair<double, double>> band;
            if (spec.from_hz > 0 || spec.until_hz > 0)
                band = {spec.from_hz, spec.until_hz > 0 ? spec.until_hz : 1e6};
            return measure_onset_strength(sound, spec.measure.substr(strength_prefix.size()), band, progress);
        }
        const auto side = sound_part(sound, {"whole", spec.channel}, progress.part(0, 0.2));
        if (!side)
            return tl::unexpected(side.error());
        return measure_level(*side->samples, {spec.measure, "whole", "both", spec.from_hz, spec.until_hz},
                             progress.part(0.2, 1));
    }
    const auto all = sound.interleaved();
    const auto channels = static_cast<std::size_t>(sound.format().channels);
    const auto rate = static_cast<double>(sound.format().sample_rate);
    const bool mixes = channels > 1 && (spec.channel == "middle" || spec.channel == "sides");
    std::vector<std::size_t> chosen;
    for (std::size_t c = 0; c < channels; ++c)
        if (spec.channel == "both" || mixes || channels == 1 || c == (spec.channel == "left" ? 0u : 1u))
            chosen.push_back(c);
    if (mixes)
        chosen.resize(1);
    // Loudness adds the channels up, a level is that of their mean power.
    const double share = spec.measure == "loudness" ? 1.0 : 1.0 / static_cast<double>(chosen.size());
    // BS.1770's offset belongs to its weighting of 997 Hz: with it a full-scale sine in one channel reads
    // -3.01.
    const double gain = spec.measure == "loudness" ? std::pow(10.0, -0.691 / 10) : 1.0;

    const double other = !mixes ? 0 : spec.channel == "middle" ? 0.5 : -0.5;
    LevelTrack track{values_per_second, {}};
    const auto count = static_cast<std::size_t>(std::floor(sound.duration().value * values_per_second)) + 1;
    track.values.reserve(count);
    const auto margin = static_cast<std::int64_t>(margin_seconds * rate);
    const auto reach = std::max<std::int64_t>(1, std::llround(window_of(spec) * rate / 2));
    const auto in_block = static_cast<std::size_t>(block_seconds * values_per_second);
    const auto values_of = [&](std::size_t block) {
        Stretch stretch(spec, rate);
        const std::size_t first = block * in_block, last = std::min(count, first + in_block);
        const auto place = [&](std::size_t i) {
            return std::llround(static_cast<double>(i) / values_per_second * rate);
        };
        const std::int64_t from = place(first) - margin, until = place(last) + margin;
        std::vector<double> sums(static_cast<std::size_t>(until - from) + 1, 0.0);
        for (const std::size_t channel : chosen) {
            const auto& signal = stretch.load(all, channels, channel, other, from, until);
            if (spec.measure == "peak")
                take_highest(sums, signal);
            else
                add_powers(sums, signal);
        }
        std::vector<float> values;
        values.reserve(last - first);
        for (std::size_t i = first; i < last; ++i) {
            const auto at = static_cast<std::size_t>(place(i) - from), wide = static_cast<std::size_t>(reach);
            const double value =
                spec.measure == "peak"
                    ? *std::max_element(sums.begin() + static_cast<std::ptrdiff_t>(at - wide),
                                        sums.begin() + static_cast<std::ptrdiff_t>(at + wide))
                    : std::sqrt(std::max(0.0, (sums[at + wide] - sums[at - wide]) * share * gain /
                                                  static_cast<double>(2 * reach)));
            values.push_back(static_cast<float>(value));
        }
        return values;
    };
    auto done = in_order((count + in_block - 1) / in_block, progress, values_of,
                         [&](std::size_t, const std::vector<float>& values) -> Result<void> {
                             track.values.insert(track.values.end(), values.begin(), values.end());
                             sound.give_back_memory();
                             return {};
                         });
    if (!done)
        return tl::unexpected(done.error());
    return track;
}

} // namespace pulsepin
