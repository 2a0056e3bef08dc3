// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "sheets/sheets.h"

namespace pulsepin {

/// Something of a lane as a sheet shows it: over the frames [first, until).
struct LaneEntry {
    Frames first, until;
    std::string text;
    std::optional<Colour> colour = {}; ///< of its own
    ClipId clip = {};                  ///< whose picture is shown beside it; 0: none
    Seconds clip_time = {};
};

/// What acts of a lane, by time; moments last a frame. Muted pins are left out.
[[nodiscard]] std::vector<LaneEntry> entries_of_lane(const SheetRequest& request, const Lane& lane);

/// The lines of a lane of words, each with its speaker before it where it has one. Empty for other lanes.
[[nodiscard]] std::vector<LaneEntry> spoken_lines(const Schedule& schedule, const Lane& lane);

} // namespace pulsepin
