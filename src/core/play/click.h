// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/quantity.h"

#include <span>
#include <vector>

namespace pulsepin {

struct Click {
    Samples at;
    bool accent = false; ///< the first beat of a bar
    int sound = 0;       ///< one of click_voices, from 1 on; 0: that of the beats
};
/// Sounds of clicks beside those of the beats: as many as lanes and rows can be told apart by.
inline constexpr int click_voices = 5;

/// Where the clicks lie in the song and what they sound like. Immutable while in use.
class ClickTrack {
public:
    /// `clicks` in rising order.
    ClickTrack(std::vector<Click> clicks, std::int64_t sample_rate);

    /// Adds the clicks of [from, from + stereo.size()/2) to the stereo samples.
    void add_to(std::span<float> stereo, Samples from, float gain) const;

private:
    std::vector<Click> clicks_;
    [[nodiscard]] const std::vector<float>& sound_of(const Click& click) const;
    std::vector<std::vector<float>> sounds_; ///< plain, accented, then the voices
    std::int64_t longest_ = 0;
};

} // namespace pulsepin
