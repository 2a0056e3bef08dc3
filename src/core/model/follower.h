// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/ids.h"

#include <array>
#include <string>
#include <vector>

namespace pulsepin {

/// One shaping of a follower's curve: a row of follower_steps() with its numbers.
struct FollowerStep {
    std::string id;
    std::array<double, 3> values{};
    LaneId other = {}; ///< of steps that take two curves together
    bool off = false;
    friend bool operator==(const FollowerStep&, const FollowerStep&) = default;
};

/// A curve over the whole song that is computed from it: a row of follower_sources(), and what shapes it.
/// Which of the fields a source looks at is said in its row.
struct Follower {
    std::string source = "level";
    std::string measure = "rms";  ///< "peak", "rms" or "loudness"
    std::string part = "whole";   ///< "whole", "percussive" or "harmonic"
    std::string channel = "both"; ///< "both", "left" or "right"
    double from_hz = 0;           ///< 0: no lower limit
    double until_hz = 0;          ///< 0: no upper limit
    std::string row = "onsets";   ///< of onsets
    double fall_ms = 150;         ///< how long an onset is seen
    std::string wave = "sine";    ///< "sine", "triangle", "saw" or "square"
    double period = 1;            ///< of the wave
    bool in_bars = true;          ///< or in beats
    double phase = 0;             ///< of the wave, in percent of its period
    LaneId lane = {};             ///< whose pins, or whose curve
    std::vector<FollowerStep> steps{};
    friend bool operator==(const Follower&, const Follower&) = default;
};

} // namespace pulsepin
