// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/schedule.h"

#include <variant>

namespace pulsepin {

/// What is looked for; what is not set is not asked.
struct PinQuery {
    std::optional<LaneKind> kind;
    std::optional<LaneId> lane;
    std::optional<PinColour> colour;
    std::optional<TimeSpan> range; ///< from up to, not including, until
    std::optional<PlantingId> planting;
    std::string name; ///< part of it, in whatever case of letters
};

/// The name by which a person knows a pin, and its colour; empty and none for one that is not there.
[[nodiscard]] std::string name_of(const Project& project, PinId pin);
[[nodiscard]] PinColour colour_of(const Project& project, PinId pin);

/// The pins that all of it is true of.
[[nodiscard]] std::vector<PinId> find_pins(const Schedule& schedule, const PinQuery& query);

/// The times of the first and the last of them; none when there are none.
[[nodiscard]] std::optional<TimeSpan> span_of(const Schedule& schedule, const PinSet& pins);

/// From the first of them until all have ended: shots, triggers, appearances, texts and sounds with their
/// lengths.
[[nodiscard]] std::optional<TimeSpan> whole_span_of(const Schedule& schedule, const PinSet& pins);

} // namespace pulsepin
