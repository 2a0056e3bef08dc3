// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/anchored_time.h"
#include "model/project.h"

namespace pulsepin {

/// A pin with what follows from its anchor. Derived, never stored.
struct ResolvedPin {
    PinId id;
    Seconds time;              ///< where the anchor lies
    Seconds acts_at;           ///< time less the lane's lead
    Frames frame;              ///< the frame that acts, by the project's rounding rule
    Seconds rounding_error;    ///< start of that frame minus acts_at: positive is late
    bool pinned = false;       ///< tied to the grid, not loose
    bool shares_frame = false; ///< with another pin of the lane (of triggers: of the row)
    std::size_t index = 0;     ///< into the lane's pins
};

struct ResolvedLane {
    LaneId id;
    std::vector<ResolvedPin> pins; ///< by time; pins of one time in the order of their ids
};

/// All lanes of the project. Pins tied to the grid while there is none, or to a marker that is gone or tied
/// to itself in a ring, are left out.
[[nodiscard]] std::vector<ResolvedLane> resolve(const Project& project);
[[nodiscard]] ResolvedLane resolve(const Project& project, const Lane& lane);
[[nodiscard]] ResolvedLane resolve(const Project& project, const Lane& lane, const PinLookup& pins);

/// Where the playhead must stand so that the frame that acts is the one on screen: at the anchor, or at the
/// start of that frame where the rounding rule makes it the later of the two.
[[nodiscard]] Seconds moment_of(const ResolvedPin& pin, FrameRate rate);
/// The same for a beat, an onset, or any other place: the frame on screen is the one that a pin there uses.
[[nodiscard]] Seconds moment_of(Seconds place, const Settings& settings);

} // namespace pulsepin
