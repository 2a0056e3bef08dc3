// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/ids.h"
#include "params/param.h"

#include <string>
#include <vector>

namespace pulsepin {

/// A number of a source or a step that another lane's curve drives: from `low` where that is 0 to `high`
/// at 1.
struct ParamDrive {
    std::string parameter;
    LaneId lane;
    double low = 0, high = 1;
    friend bool operator==(const ParamDrive&, const ParamDrive&) = default;
};

/// One shaping of a follower's curve, by its row in follower_steps().
struct FollowerStep {
    std::string id;
    ParamValues values;
    bool off = false;
    std::vector<ParamDrive> drives = {};
    friend bool operator==(const FollowerStep&, const FollowerStep&) = default;
};

/// A curve over the whole song that is computed from it: a row of follower_sources(), and what shapes it.
struct Follower {
    std::string source = "level";
    ParamValues values{}; ///< of the source
    std::vector<FollowerStep> steps{};
    std::vector<ParamDrive> drives{}; ///< of the source
    friend bool operator==(const Follower&, const Follower&) = default;
};

/// The lanes that its source and steps name, whatever they take of them.
[[nodiscard]] std::vector<LaneId> lanes_named_in(const Follower& follower);

} // namespace pulsepin
