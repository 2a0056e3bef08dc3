// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/resolve.h"

namespace pulsepin {

/// A trigger as it acts: over the frames [start, end).
struct TriggerSpan {
    PinId pin;
    std::size_t index = 0; ///< into the lane's pins
    Frames start;
    Frames end;
    int row = 0;
    bool cut_short = false; ///< the next one of its row begins before it would have ended
    bool hidden = false;    ///< another one of its row begins on the same frame and acts instead
    bool muted = false;     ///< it, or its lane
};

/// The triggers of a lane by time. Those of one row end where the next begins: up to, not including, its
/// frame (common practice); of two on one frame the last placed one acts. What would last less than a frame
/// lasts one. The last "until the next" of a row lasts until the end of the piece.
[[nodiscard]] std::vector<TriggerSpan> triggers_of(const Project& project, const Lane& lane,
                                                   const ResolvedLane& resolved);

/// Strength and colour of a trigger at a frame of its span; the colour goes in a straight line from one to
/// the other.
[[nodiscard]] Colour colour_at(const TriggerBody& body, const TriggerSpan& span, Frames frame);

} // namespace pulsepin
