// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "timeline/scene.h"

#include <optional>

namespace pulsepin {

/// A row per kind of lane: how it is drawn and how it is pointed at.
struct LaneView {
    LaneKind kind;
    double (*height)(const LaneSpans&); ///< pixels, at least
    /// Of a pin's head below the row's top, in a row of that height.
    double (*head_y)(const Lane&, const LaneSpans&, const PinBody&, double row_height);
    void (*paint)(QPainter&, const LaneScene&);
    /// The pin under the mouse.
    std::optional<PinId> (*hit)(const LaneScene&, QPointF at);
};

[[nodiscard]] const LaneView& lane_view(LaneKind kind);

/// Where a row of triggers lies in the lane's row.
[[nodiscard]] QRectF trigger_row(const QRectF& row, int number, int rows);
/// The trigger whose end lies under the mouse.
[[nodiscard]] std::optional<PinId> trigger_end_under(const LaneScene& lane, QPointF at);
/// The cut whose shot's bar, below the heads, lies under the mouse.
[[nodiscard]] std::optional<PinId> shot_under(const LaneScene& lane, QPointF at);
/// The bar of a cut's shot; null when it has none.
[[nodiscard]] QRectF bar_of_shot(const LaneScene& lane, PinId cut);

/// Stems of the lane's pins from `top` (the beat ruler) down to their heads.
void paint_stems(QPainter& painter, const LaneScene& lane, double top);
/// A cross: nothing is to be here.
void draw_left_out(QPainter& painter, QPointF at, const QColor& colour);
/// Places of plantings that were emptied by hand.
void paint_left_out(QPainter& painter, const LaneScene& lane);
/// What a placing would put there.
void paint_outlines(QPainter& painter, const LaneScene& lane);

} // namespace pulsepin
