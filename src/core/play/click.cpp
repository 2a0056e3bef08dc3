// SPDX-License-Identifier: GPL-3.0-or-later
#include "play/click.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace pulsepin {
namespace {

/// A short woodblock-like tone whose first sample is its loudest, so that the ear and a measurement agree on
/// when it starts.
std::vector<float> tone(double hz, double sample_rate) {
    const auto length = static_cast<std::size_t>(0.035 * sample_rate);
    std::vector<float> samples(length);
    for (std::size_t i = 0; i < length; ++i) {
        const double t = static_cast<double>(i) / sample_rate;
        samples[i] = static_cast<float>(0.8 * std::cos(2 * std::numbers::pi * hz * t) * std::exp(-t / 0.006));
    }
    return samples;
}

} // namespace

ClickTrack::ClickTrack(std::vector<Click> clicks, std::int64_t sample_rate)
    : clicks_(std::move(clicks)), plain_(tone(1100, static_cast<double>(sample_rate))),
      accented_(tone(1760, static_cast<double>(sample_rate))) {}

void ClickTrack::add_to(std::span<float> stereo, Samples from, float gain) const {
    const auto frames = static_cast<std::int64_t>(stereo.size() / 2);
    const auto longest = static_cast<std::int64_t>(plain_.size());
    auto click =
        std::lower_bound(clicks_.begin(), clicks_.end(), from.value - longest,
                         [](const Click& c, std::int64_t position) { return c.at.value <= position; });
    for (; click != clicks_.end() && click->at.value < from.value + frames; ++click) {
        const auto& sound = click->accent ? accented_ : plain_;
        const auto start = click->at.value - from.value;
        for (auto i = std::max<std::int64_t>(start, 0); i < std::min(start + longest, frames); ++i) {
            const float value = gain * sound[static_cast<std::size_t>(i - start)];
            stereo[static_cast<std::size_t>(2 * i)] += value;
            stereo[static_cast<std::size_t>(2 * i + 1)] += value;
        }
    }
}

} // namespace pulsepin
