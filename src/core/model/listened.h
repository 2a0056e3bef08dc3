// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/param.h"

#include <optional>
#include <string>
#include <string_view>

namespace pulsepin {

/// A sound that is listened to, and what of it.
struct Listened {
    std::string sound = "song"; ///< "song", "sum", or "lane 7": what lies on that lane of sounds
    std::string part = "whole"; ///< one of listened_parts()
    std::string side = "both";  ///< one of listened_sides()
    friend auto operator<=>(const Listened&, const Listened&) = default;
};

[[nodiscard]] std::span<const ParamChoice> listened_parts();
[[nodiscard]] std::span<const ParamChoice> listened_sides();

[[nodiscard]] std::string sound_of_lane(LaneId lane);
/// The lane that a sound's id names; none where it is the song or the sum.
[[nodiscard]] std::optional<LaneId> lane_of_sound(std::string_view sound);
/// It is "song", "sum" or names a lane.
[[nodiscard]] bool is_sound_id(std::string_view sound);

} // namespace pulsepin
