// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/quantity.h"

#include <algorithm>

namespace pulsepin {

/// Which stretch of time lies under which pixels.
struct TimeScale {
    double left = 0;               ///< x of the first pixel of the time area
    double width = 100;            ///< pixels
    Seconds start;                 ///< time at `left`
    double pixels_per_second = 50; ///< zoom

    [[nodiscard]] double x(Seconds time) const { return left + (time - start).value * pixels_per_second; }
    [[nodiscard]] Seconds time(double at) const { return start + Seconds((at - left) / pixels_per_second); }
    [[nodiscard]] Seconds span() const { return Seconds(width / pixels_per_second); }
    [[nodiscard]] Seconds end() const { return start + span(); }

    /// The same moment stays under `at`. From a view of a day to a dozen pixels a sample.
    void zoom(double factor, double at) {
        const Seconds held = time(at);
        pixels_per_second = std::clamp(pixels_per_second * factor, 0.01, 2e6);
        start = held - Seconds((at - left) / pixels_per_second);
    }
};

} // namespace pulsepin
