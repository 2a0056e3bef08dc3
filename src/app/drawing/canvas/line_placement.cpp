// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/line_placement.h"

#include <cmath>

namespace pulsepin {

Seconds LinePlacement::time_at(QPointF at) const {
    return scale.time(at.x());
}

Seconds LinePlacement::carried(Seconds time, QPointF from, QPointF to) const {
    return time + (scale.time(to.x()) - scale.time(from.x()));
}

double LinePlacement::distance(Seconds a, Seconds b) const {
    return std::abs((b - a).value) * scale.pixels_per_second;
}

double LinePlacement::drop(QPointF from, QPointF to) const {
    return to.y() - from.y();
}

std::optional<LanePlace> LinePlacement::lane_at(QPointF at) const {
    for (std::size_t i = 0; i < rows.size(); ++i)
        if (rows[i].contains(at) && area.contains(at))
            return LanePlace{i, rows[i], scale};
    return std::nullopt;
}

std::optional<LanePlace> LinePlacement::lane_place(std::size_t lane, Seconds) const {
    return lane < rows.size() ? std::optional(LanePlace{lane, rows[lane], scale}) : std::nullopt;
}

std::vector<LanePlace> LinePlacement::lane_places(std::size_t lane) const {
    const auto place = lane_place(lane, {});
    return place ? std::vector{*place} : std::vector<LanePlace>{};
}

} // namespace pulsepin
