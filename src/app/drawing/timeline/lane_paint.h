// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/scene.h"
#include "drawing/timeline/pin_heads.h"

#include <optional>
#include <span>

namespace pulsepin {

// What the kinds of lanes share when they are drawn in the timeline.

inline constexpr double head_reach = 8; ///< pixels around a head that still count as on it

/// Pins whose heads may be seen, and the next one on either side.
[[nodiscard]] std::span<const ResolvedPin> visible_pins(const LaneScene& s);
/// Whether a head at that time may be seen.
[[nodiscard]] bool in_reach(const LaneScene& s, Seconds time);
[[nodiscard]] std::optional<PinId> head_under(const LaneScene& s, QPointF at);
[[nodiscard]] bool selected(const LaneScene& s, PinId id);
[[nodiscard]] HeadLook head_look(const LaneScene& s, const ResolvedPin& pin);
/// Closer together than this, heads would only cover each other: each is a stroke then.
[[nodiscard]] bool crowded(const LaneScene& s, std::span<const ResolvedPin> pins);
void draw_stroke(QPainter& painter, const LaneScene& s, const ResolvedPin& pin, double y);

} // namespace pulsepin
