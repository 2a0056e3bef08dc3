// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/kind_look.h"

namespace pulsepin::event_course {

// What the mouse does in an event that lies open in its lane, of whichever kind it is.

/// A key is dragged, or none is chosen any more; null beside what lies open.
[[nodiscard]] std::unique_ptr<Gesture> press(const GestureContext& context, const LaneScene& s, QPointF at);
[[nodiscard]] QString hint(const LaneScene& s, QPointF at);
/// An event opens its course; within that, a key is added. None beside both.
[[nodiscard]] std::optional<DoubleClicked>
open_or_add_key(const GestureContext& context, const LaneScene& s, QPointF at,
                std::optional<Grip> (*grip_of)(const LaneScene&, QPointF));

} // namespace pulsepin::event_course
