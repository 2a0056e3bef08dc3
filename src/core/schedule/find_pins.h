// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/schedule.h"

#include <set>
#include <variant>

namespace pulsepin {

/// The colour that a pin was given: of a marker by its number, of a trigger as it is.
using PinColour = std::variant<std::monostate, int, Colour>;
[[nodiscard]] PinColour colour_of(const PinBody& body);

/// The name by which a person knows a pin: of a marker, of a cut's or sound's clip, of a trigger's effect.
[[nodiscard]] std::string name_of(const PinBody& body, const Project& project);

/// What is looked for; what is not set is not asked.
struct PinQuery {
    std::optional<LaneKind> kind;
    std::optional<LaneId> lane;
    std::optional<PinColour> colour;
    std::optional<TimeSpan> range; ///< from up to, not including, until
    std::optional<PlantingId> planting;
    std::string name; ///< part of it, in whatever case of letters
};

/// The pins that all of it is true of.
[[nodiscard]] std::vector<PinId> find_pins(const Schedule& schedule, const PinQuery& query);

/// The times of the first and the last of them; none when there are none.
[[nodiscard]] std::optional<TimeSpan> span_of(const Schedule& schedule, const std::set<PinId>& pins);

} // namespace pulsepin
