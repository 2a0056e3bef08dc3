// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/scene.h"
#include "session/view_state.h"

#include <QPointF>
#include <optional>
#include <vector>

namespace pulsepin {

/// Where the music lies in a drawing: on one line, or wrapped into phrases. Gestures ask it and never know
/// which of the two it is. Points and pixels are those of the drawing.
class CanvasPlacement {
public:
    CanvasPlacement() = default;
    CanvasPlacement(const CanvasPlacement&) = delete;
    CanvasPlacement& operator=(const CanvasPlacement&) = delete;
    virtual ~CanvasPlacement() = default;

    [[nodiscard]] virtual Seconds time_at(QPointF at) const = 0;
    /// Where something that lies at `time` comes to lie when it is dragged from one point to another.
    [[nodiscard]] virtual Seconds carried(Seconds time, QPointF from, QPointF to) const = 0;
    /// In pixels, along the line.
    [[nodiscard]] virtual double distance(Seconds a, Seconds b) const = 0;
    /// How far down something is dragged within its row, in pixels.
    [[nodiscard]] virtual double drop(QPointF from, QPointF to) const = 0;

    [[nodiscard]] virtual std::optional<LanePlace> lane_at(QPointF at) const = 0;
    /// The row of a lane in which a moment lies.
    [[nodiscard]] virtual std::optional<LanePlace> lane_place(std::size_t lane, Seconds time) const = 0;
    /// All rows of a lane.
    [[nodiscard]] virtual std::vector<LanePlace> lane_places(std::size_t lane) const = 0;
};

/// Where something lands that is dragged or added there: on the beat as far as snapping says so. When near
/// means within 40 ms or 8 pixels, whichever is more; where the grid is `doubtful` it then pulls nothing.
[[nodiscard]] Seconds snapped(const CanvasPlacement& placement, const Schedule& schedule,
                              const ViewState& view, Seconds time, bool doubtful);

/// A point on a pin's head. (-1, -1): it is not drawn.
[[nodiscard]] QPointF head_position(const CanvasPlacement& placement, const Scene& scene, PinId pin);

} // namespace pulsepin
