// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/scene.h"

namespace pulsepin {

/// A cross: nothing is to be here.
void draw_left_out(QPainter& painter, QPointF at, const QColor& colour);
/// Places of plantings that were emptied by hand.
void paint_left_out(QPainter& painter, const LaneScene& lane);
/// What a placing would put there.
void paint_left_out(QPainter& painter, const LaneScene& s, const PlacePreview& outlines);
/// Small and hollow: what the filters of a picker leave out.
void paint_left_out(QPainter& painter, const LaneScene& lane, const PlacePreview& outlines);
void paint_outlines(QPainter& painter, const LaneScene& lane);

} // namespace pulsepin
