// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/scene.h"
#include "drawing/timeline/ink.h"

#include <QImage>
#include <span>
#include <vector>

namespace pulsepin {

/// The stems of the lanes' pins, from the beat ruler down to their heads; those of loose pins are dashed.
/// Above the heads of a lane the stems of all lanes from there on hang side by side, however high the drawing
/// is: they are kept as rows of pixels, and each pixel is touched once.
class Stems {
public:
    /// Lanes in their order, downwards; `ratio` pixels a unit.
    Stems(std::span<const LaneScene> lanes, double top, double ratio);
    /// As much of them as lies between.
    void paint(Ink& ink, double from, double until) const;

private:
    struct Curtain {
        double bottom;
        QImage solid;
        QImage dashed; ///< with the dashes of loose pins; null: there are none
    };
    void add(const LaneScene& lane, double ratio);

    double top_, left_ = 0, width_ = 0;
    std::vector<Curtain> curtains_; ///< the higher first
};

} // namespace pulsepin
