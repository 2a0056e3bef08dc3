// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <cmath>

namespace pulsepin {
namespace {

/// Around a point the picture lies nearer, or farther, the more so the closer to it.
void paint(cv::Mat& image, const EffectContext& context) {
    const cv::Point2d middle =
        context.middle +
        cv::Point2d(context.values.of("bulge-x"), context.values.of("bulge-y")) * context.pixel;
    const double radius = context.values.of("bulge-size") * context.pixel;
    const double strength = context.values.of("bulge") / 100;
    bend(image, [=](cv::Point2d at) {
        const cv::Point2d away = at - middle;
        const double far = std::sqrt(away.dot(away));
        if (far >= radius)
            return at;
        const double inside = 1 - far / radius;
        return middle + away * (1 - strength * 0.75 * inside * inside * (3 - 2 * inside));
    });
}

double reach(const EffectValues& values) {
    return values.of("bulge-size") * std::abs(values.of("bulge")) / 200;
}

} // namespace

const EffectPainter bulge_painter{"bulge", paint, reach};

} // namespace pulsepin
