// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/scene.h"

namespace pulsepin {

/// How often more than a quarter of the view flashed in the second around each moment, with the limit; what
/// lies over it is told.
void paint_danger(QPainter& painter, const Scene& scene, const QRectF& row);
/// Stretches that flash too often, over all rows of the time area.
void paint_flashing(QPainter& painter, const Scene& scene, const QRectF& area);
/// What was found at pins of a lane: a bracket, and how much it is.
void paint_findings(QPainter& painter, const LaneScene& lane);

/// The flashes that a row of danger has room for.
[[nodiscard]] int danger_most(const FlashReport& flashes);

} // namespace pulsepin
