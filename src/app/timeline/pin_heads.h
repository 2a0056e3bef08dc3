// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/pin.h"
#include "palette.h"

#include <QPainter>

namespace pulsepin {

enum class HeadState { Placed, Outlined };

/// A pin's head tells its kind by its shape: round is a marker, a notched tab a cut. `at` is the middle of
/// its top for a tab, its centre for a round one. An outlined head is not placed yet.
void draw_head(QPainter& painter, LaneKind kind, QPointF at, const Palette& palette, HeadState state,
               bool selected);

[[nodiscard]] QColor head_colour(LaneKind kind, const Palette& palette);

[[nodiscard]] QColor stem_colour(const QColor& head);

/// The line from a pin up to the beat ruler: solid when it is tied to the grid, dashed when it is loose.
void draw_stem(QPainter& painter, double x, double top, double bottom, const QColor& colour, bool pinned);

} // namespace pulsepin
