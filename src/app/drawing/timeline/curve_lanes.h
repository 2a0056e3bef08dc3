// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/scene.h"

#include <QPainter>

namespace pulsepin {

/// Values against pixels in the row of a lane that drives something.
struct CurveScale {
    double low = 0, high = 1; ///< values at the bottom and the top
    double bottom = 0, top = 0;
    [[nodiscard]] double y(double value) const;
    [[nodiscard]] double per_pixel() const { return (high - low) / (bottom - top); }
};

/// height: of the row. Counted from its top.
[[nodiscard]] CurveScale curve_scale(const Lane& lane, const LaneSpans& spans, double height);

/// The curve of a lane of pulses, of keys or of a follower. Heads are drawn apart.
void paint_curve(QPainter& painter, const LaneScene& lane);

/// Where a follower's curve, as it is after so many of its steps, runs over a row of the song.
void paint_follower_over(QPainter& painter, const Scene& scene, const QRectF& row);

} // namespace pulsepin
