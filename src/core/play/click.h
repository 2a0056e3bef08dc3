// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/quantity.h"

#include <span>
#include <vector>

namespace pulsepin {

struct Click {
    Samples at;
    bool accent = false; ///< the first beat of a bar
};

/// Where the clicks lie in the song and what they sound like. Immutable while in use.
class ClickTrack {
public:
    /// `clicks` in rising order.
    ClickTrack(std::vector<Click> clicks, std::int64_t sample_rate);

    /// Adds the clicks of [from, from + stereo.size()/2) to the stereo samples.
    void add_to(std::span<float> stereo, Samples from, float gain) const;

private:
    std::vector<Click> clicks_;
    std::vector<float> plain_;
    std::vector<float> accented_;
};

} // namespace pulsepin
