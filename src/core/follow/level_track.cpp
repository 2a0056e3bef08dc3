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

/// What filters need to settle: eight periods of their lowest limit, after which less than a millionth is
/// left.
double settling_seconds(const LevelSpec& spec) {
    constexpr double k_weighting_hz = 38;
    double lowest = spec.from_hz > 0 ? spec.from_hz : spec.until_hz;
    if (spec.measure == "loudness")
        lowest = lowest > 0 ? std::min(lowest, k_weighting_hz) : k_weighting_hz;
    return lowest > 0 ? std::clamp(8 / lowest, 0.05, 0.75) : 0;
}

double window_of(const LevelSpec& spec) {
    if (spec.measure == "peak")
        return 0.005;
    if (spec.measure == "loudness")
        return 0.1;
    return spec.from_hz > 0 ? std::clamp(2 / spec.from_hz, 0.02, 0.1) : spec.until_hz > 0 ? 0.05 : 0.03;
}

/// Measures the levels of blocks of a sound, several of them side by side.
class BlockLevels {
public:
    BlockLevels(const SampleStore& sound, const LevelSpec& spec)
        : spec_(spec), all_(sound.interleaved()),
          channels_(static_cast<std::size_t>(sound.format().channels)),
          rate_(static_cast<double>(sound.format().sample_rate)),
          count_(static_cast<std::size_t>(std::floor(sound.duration().value * values_per_second)) + 1),
          band_(band_pass_sections(spec.from_hz, spec.until_hz, rate_)) {
        if (spec.measure == "loudness")
            weights_ = k_weighting(rate_);
        const bool mixes = channels_ > 1 && (spec.channel == "middle" || spec.channel == "sides");
        other_ = !mixes ? 0 : spec.channel == "middle" ? 0.5 : -0.5;
        for (std::size_t c = 0; c < (mixes ? 1 : channels_); ++c)
            if (spec.channel == "both" || mixes || channels_ == 1 || c == (spec.channel == "left" ? 0u : 1u))
                chosen_.push_back(c);
        // Loudness adds the channels up, a level is that of their mean power. BS.1770's offset belongs to its
        // weighting of 997 Hz: with it a full-scale sine in one channel reads -3.01.
        gain_ = spec.measure == "loudness" ? std::pow(10.0, -0.691 / 10)
                                           : 1.0 / static_cast<double>(chosen_.size());
        reach_ = std::max<std::int64_t>(1, std::llround(window_of(spec) * rate_ / 2));
        margin_ = reach_ + 1 + static_cast<std::int64_t>(settling_seconds(spec) * rate_);
        length_ = static_cast<std::size_t>(place(in_block) + 2 * margin_ + 1);
    }

    [[nodiscard]] std::size_t count() const { return count_; }
    /// Each is a few rounds of as many blocks as the filters have lanes for; a sound has one channel or two.
    [[nodiscard]] std::size_t groups() const { return (blocks() + in_group() - 1) / in_group(); }
    [[nodiscard]] std::vector<float> values_of(std::size_t group) const {
        std::vector<float> values;
        std::vector<double> lanes(length_ * filter_lanes, 0.0), sums(length_ + 1, 0.0);
        const std::size_t end = std::min(blocks(), (group + 1) * in_group());
        for (std::size_t first = group * in_group(); first < end; first += together()) {
            const std::size_t last = std::min(end, first + together());
            for (std::size_t block = first; block < last; ++block)
                for (std::size_t c = 0; c < chosen_.size(); ++c)
                    load(lanes, (block - first) * chosen_.size() + c, chosen_[c],
                         place(block * in_block) - margin_);
            run_forward_in_lanes(band_, lanes);
            run_backward_in_lanes(band_, lanes);
            run_forward_in_lanes(weights_, lanes);
            for (std::size_t block = first; block < last; ++block)
                add_values(values, lanes, sums, block, (block - first) * chosen_.size());
        }
        return values;
    }

private:
    static constexpr auto in_block = static_cast<std::size_t>(block_seconds * values_per_second);
    [[nodiscard]] std::size_t blocks() const { return (count_ + in_block - 1) / in_block; }
    [[nodiscard]] std::size_t together() const { return filter_lanes / chosen_.size(); }
    [[nodiscard]] std::size_t in_group() const { return 4 * together(); }
    [[nodiscard]] std::int64_t place(std::size_t value) const {
        return std::llround(static_cast<double>(value) / values_per_second * rate_);
    }
    void load(std::vector<double>& lanes, std::size_t lane, std::size_t channel, std::int64_t from) const {
        const auto frames = static_cast<std::int64_t>(all_.size() / channels_);
        const auto last = std::min(from + static_cast<std::int64_t>(length_), frames);
        for (std::size_t i = 0; i < length_; ++i) // silence beyond the ends
            if (const auto at = from + static_cast<std::int64_t>(i); at < 0 || at >= frames)
                lanes[i * filter_lanes + lane] = 0;
        for (std::int64_t i = std::max<std::int64_t>(from, 0); i < last; ++i) {
            const auto* frame = all_.data() + static_cast<std::size_t>(i) * channels_;
            lanes[static_cast<std::size_t>(i - from) * filter_lanes + lane] =
                other_ == 0 ? static_cast<double>(frame[channel])
                            : static_cast<double>(frame[0]) / 2 + other_ * static_cast<double>(frame[1]);
        }
    }
    void add_values(std::vector<float>& values, const std::vector<double>& lanes, std::vector<double>& sums,
                    std::size_t block, std::size_t first_lane) const {
        const std::size_t first = block * in_block, last = std::min(count_, first + in_block);
        const std::int64_t from = place(first) - margin_;
        const bool peak = spec_.measure == "peak";
        // Powers are summed up, so that any window of them is two lookups.
        double sum = 0;
        for (std::size_t i = 0; i < length_; ++i) {
            double highest = 0;
            for (std::size_t lane = first_lane; lane < first_lane + chosen_.size(); ++lane) {
                const double value = lanes[i * filter_lanes + lane];
                highest = std::max(highest, std::abs(value));
                sum += value * value;
            }
            sums[peak ? i : i + 1] = peak ? highest : sum;
        }
        const auto wide = static_cast<std::size_t>(reach_);
        for (std::size_t i = first; i < last; ++i) {
            const auto at = static_cast<std::size_t>(place(i) - from);
            const double value =
                peak ? *std::max_element(sums.begin() + static_cast<std::ptrdiff_t>(at - wide),
                                         sums.begin() + static_cast<std::ptrdiff_t>(at + wide))
                     : std::sqrt(std::max(0.0, (sums[at + wide] - sums[at - wide]) * gain_ /
                                                   static_cast<double>(2 * reach_)));
            values.push_back(static_cast<float>(value));
        }
    }

    const LevelSpec& spec_;
    std::span<const float> all_;
    std::size_t channels_;
    double rate_;
    std::size_t count_; ///< values of the whole sound
    std::vector<Biquad> band_, weights_;
    double other_ =
        0; ///< how much of the second channel is added, with half of the first; 0: a channel as it is
    std::vector<std::size_t> chosen_;
    double gain_ = 1;         ///< of powers
    std::int64_t reach_ = 1;  ///< half a window
    std::int64_t margin_ = 0; ///< what filters need to settle, and windows to reach out
    std::size_t length_ = 0;  ///< of a block, with its margins
};

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
    const BlockLevels levels(sound, spec);
    LevelTrack track{values_per_second, {}};
    track.values.reserve(levels.count());
    auto done = in_order(
        levels.groups(), progress, [&](std::size_t group) { return levels.values_of(group); },
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
