// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/param.h"
#include "time/anchor.h"

#include <string>
#include <vector>

namespace pulsepin {

/// A finding that a person looked at and meant as it is. It stays accepted as long as it is about the same
/// thing and little worse (check/findings.h).
struct Acceptance {
    std::string check;      ///< one of checks()
    PinId pin = {};         ///< that it is about; 0: none
    LaneId lane = {};       ///< the same
    Seconds at;             ///< where it was
    double amount = 0;      ///< how much it was, in what its check counts in
    std::string about = {}; ///< what else it is about: a clip's or a parameter's name
    std::string note = {};
    friend bool operator==(const Acceptance&, const Acceptance&) = default;
};

/// What a piece is checked against, and what is ignored on purpose.
struct Checking {
    ParamValues limits = {}; ///< of check_parameters(); what is not there is as usual
    std::vector<Acceptance> accepted = {};
    friend bool operator==(const Checking&, const Checking&) = default;
};

} // namespace pulsepin
