// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/gesture.h"
#include "drawing/canvas/gestures/move_pins.h"
#include "drawing/kind_look.h"

#include <QRectF>

/// What kinds have in common whose pins last, and lie in several rows of their lane.
namespace pulsepin::lane_rows {

inline constexpr double row_height = 17;

/// Where one of several rows lies in the lane's.
[[nodiscard]] inline QRectF rect(const QRectF& lane, int number, int rows) {
    const double height = (lane.height() - 8) / rows;
    return {lane.left(), lane.top() + 4 + height * number + 1, lane.width(), height - 2};
}

/// Into how many rows further down so many pixels lead.
[[nodiscard]] double rows_over(const LaneScene& s, double pixels);
/// Dragged up or down, pins change their row.
extern const Lift by_rows;
/// Its end is stretched, the rest dragged along the beats or into another row.
[[nodiscard]] std::unique_ptr<Gesture> grab(const GestureContext& context, const Grip& grip, QPointF at,
                                            Qt::KeyboardModifiers keys);
[[nodiscard]] QString hint(GripPart part);
/// The head whose row and place are under the mouse; its middle lies so far from its pin.
[[nodiscard]] std::optional<Grip> head_under(const LaneScene& s, QPointF at, double middle);

} // namespace pulsepin::lane_rows
