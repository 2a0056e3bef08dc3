// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <cmath>

namespace pulsepin {
namespace {

/// Rings that go outwards from the middle of the picture.
void paint(cv::Mat& image, const EffectContext& context) {
    const double length = context.values.of("ripple-length") * context.pixel,
                 turned = context.values.turns("ripple-rate", context.seconds),
                 most = context.values.of("ripple") * context.pixel;
    const cv::Point2d middle = context.middle;
    bend(image, [=](cv::Point2d at) {
        const cv::Point2d away = at - middle;
        const double far = std::sqrt(away.dot(away));
        if (far < 1e-6)
            return at;
        return at + away * (most * std::sin(2 * CV_PI * (far / length - turned)) / far);
    });
}

double reach(const EffectValues& values) {
    return values.of("ripple");
}

} // namespace

const EffectPainter ripple_painter{"ripple", paint, reach, true};

} // namespace pulsepin
