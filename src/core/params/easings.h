// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/bound_param.h"
#include "params/easing.h"

#include <span>
#include <string_view>

namespace pulsepin {

/// A way from 0 to 1. Values may leave that range between (back, elastic, Bézier handles).
struct EasingRow {
    std::string_view id;
    std::string_view label;
    double (*at)(double t, const Easing&);
    std::span<const BoundParam<Easing>> params = {}; ///< what it can be bent by
};

/// linear, hold, steps, bezier (CSS Easing Functions Level 1), and sine, quadratic, cubic, quartic, circular,
/// exponential, back, elastic and bounce, each in, out and in-out (Penner 2002).
[[nodiscard]] std::span<const EasingRow> easings();
/// Null when there is none of that id.
[[nodiscard]] const EasingRow* easing_row(std::string_view id);
/// Bent as is usual for it.
[[nodiscard]] Easing usual_easing(std::string_view id);

/// The Bézier curve that comes nearest to it at 16 places, by least squares; itself where it is one.
[[nodiscard]] Easing as_bezier(const Easing& easing);

/// The share of the way at a share of the time; held at 0 before and at 1 after. Linear for unknown ids.
[[nodiscard]] double eased(const Easing& easing, double t);

/// y at x of a cubic Bézier curve from (0, 0) to (1, 1), as CSS's cubic-bezier(x1, y1, x2, y2); x1 and x2 are
/// kept within 0 and 1.
[[nodiscard]] double cubic_bezier(double x1, double y1, double x2, double y2, double x);

} // namespace pulsepin
