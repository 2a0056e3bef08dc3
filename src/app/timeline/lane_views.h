// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "timeline/scene.h"

#include <optional>

namespace pulsepin {

/// A row per kind of lane: how it is drawn and how it is pointed at.
struct LaneView {
    LaneKind kind;
    double height; ///< pixels, at least
    double head_y; ///< of a pin's head below the row's top
    void (*paint)(QPainter&, const LaneScene&, const std::vector<ShotSpan>& shots);
    /// The pin under the mouse.
    std::optional<PinId> (*hit)(const LaneScene&, const std::vector<ShotSpan>& shots, QPointF at);
};

[[nodiscard]] const LaneView& lane_view(LaneKind kind);

/// Stems of the lane's pins from `top` (the beat ruler) down to their heads.
void paint_stems(QPainter& painter, const LaneScene& lane, double top);
/// What a placing would put there.
void paint_outlines(QPainter& painter, const LaneScene& lane);

} // namespace pulsepin
