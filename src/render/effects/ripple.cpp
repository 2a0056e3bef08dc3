// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <cmath>

namespace pulsepin {
namespace {

/// Rings that go outwards from the middle of the picture.
cv::Point2d from(cv::Point2d at, const EffectContext& context) {
    const cv::Point2d away = at - context.middle;
    const double far = std::hypot(away.x, away.y);
    if (far < 1e-6)
        return at;
    const double turn = far / (context.values.of("ripple-length") * context.pixel) -
                        context.values.turns("ripple-rate", context.seconds);
    const double moved = context.values.of("ripple") * context.pixel * std::sin(2 * CV_PI * turn);
    return at + away * (moved / far);
}

void paint(cv::Mat& image, const EffectContext& context) {
    bend(image, from, context);
}

double reach(const EffectValues& values) {
    return values.of("ripple");
}

} // namespace

const EffectPainter ripple_painter{"ripple", paint, reach};

} // namespace pulsepin
