// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/pin.h"

namespace pulsepin::test {

/// Where a value goes from its pin on, and stays.
struct LevelBody {
    using pin_body = void;
    double level = 50; ///< percent
    Frames over = Frames(12);
    std::string remark = {};
    friend bool operator==(const LevelBody&, const LevelBody&) = default;
};

/// What a lane of levels is told besides: no level is higher.
struct LevelCeiling {
    using lane_part = void;
    double most = 100; ///< percent
    friend bool operator==(const LevelCeiling&, const LevelCeiling&) = default;
};

[[nodiscard]] LaneKind level_kind();

} // namespace pulsepin::test
