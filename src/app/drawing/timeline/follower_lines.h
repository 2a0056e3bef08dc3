// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/gesture.h"
#include "drawing/timeline/curve_lanes.h"
#include "follow/corrections.h"

namespace pulsepin {

/// A level of one of a follower's steps, as a line in its lane: against the curve that the step is given.
struct LevelLine {
    std::size_t step = 0;
    std::string param; ///< of the step
    QString name;
    double value = 0;
    double highest = 1; ///< value at the top of the lane
    double y = 0;       ///< in the lane's row, from its top
};

/// The lines of the step that is looked at, or else of the first that has some, with those of other steps
/// that are drawn to the same measure.
[[nodiscard]] std::vector<LevelLine> level_lines(const LaneScene& lane);
/// The value at a height of the line's own measure.
[[nodiscard]] double value_on(const LaneScene& lane, const LevelLine& line, double y);
[[nodiscard]] std::optional<LevelLine> level_line_under(const LaneScene& lane, QPointF at);
/// The curve that those lines are to be read against, and the lines.
void paint_level_lines(QPainter& painter, const LaneScene& lane);

/// The stretch of a key that lies over the curve, as a bar along the top of its lane.
struct OverBar {
    OverSpan span;
    PinId pin;
    QRectF bar;                  ///< where all of it acts
    double fades_from, fades_to; ///< pixels
};
[[nodiscard]] std::vector<OverBar> over_bars(const LaneScene& lane);
[[nodiscard]] std::optional<Grip> over_grip(const LaneScene& lane, QPointF at);
void paint_over_bars(QPainter& painter, const LaneScene& lane);

/// The top of the curve near the mouse, where the mouse is on the curve.
struct CurveTop {
    LaneId lane;
    Seconds at;
    double value = 0;
};
[[nodiscard]] std::optional<CurveTop> curve_top_under(const LaneScene& lane, QPointF at);

} // namespace pulsepin
