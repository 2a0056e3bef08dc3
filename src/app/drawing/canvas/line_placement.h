// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/placement.h"

namespace pulsepin {

/// All of the song on one line, a row for each lane below.
class LinePlacement : public CanvasPlacement {
public:
    TimeScale scale;
    std::vector<QRectF> rows; ///< of the lanes, the time area only; in the order of the project
    QRectF area;              ///< in which they are seen; the rest is scrolled away

    [[nodiscard]] Seconds time_at(QPointF at) const override;
    [[nodiscard]] Seconds carried(Seconds time, QPointF from, QPointF to) const override;
    [[nodiscard]] double distance(Seconds a, Seconds b) const override;
    [[nodiscard]] double drop(QPointF from, QPointF to) const override;
    [[nodiscard]] std::optional<LanePlace> lane_at(QPointF at) const override;
    [[nodiscard]] std::optional<LanePlace> lane_place(std::size_t lane, Seconds time) const override;
    [[nodiscard]] std::vector<LanePlace> lane_places(std::size_t lane) const override;
};

} // namespace pulsepin
