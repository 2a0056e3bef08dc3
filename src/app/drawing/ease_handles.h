// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/gesture.h"

/// How a key or pose is reached from the one before, as two handles on the curve: of the selected ones, in
/// the lanes of keys and poses.
namespace pulsepin::ease_handles {

[[nodiscard]] bool is_handle(GripPart part);
/// The stretch of the curve that leads up to a key: from the key before it, in pixels. None for the first
/// one.
struct Stretch {
    QPointF from, until;
    /// Where a handle lies whose shares of the way are these; a level stretch is given some height.
    [[nodiscard]] QPointF at(double x, double y) const;
    [[nodiscard]] QPointF shares(QPointF at) const; ///< the inverse of it
};
[[nodiscard]] std::optional<Stretch> stretch_to(const LaneScene& s, PinId key);

void paint(QPainter& painter, const LaneScene& s);
[[nodiscard]] std::optional<Grip> grip(const LaneScene& s, QPointF at);
[[nodiscard]] QString hint(GripPart part);

} // namespace pulsepin::ease_handles
