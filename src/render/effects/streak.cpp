// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

/// The mean of what lies along a stretch of that length: each pass lays two pictures over each other, and
/// halves how far they are apart.
void paint(cv::Mat& image, const EffectContext& context) {
    const double length = context.values.of("streak") * context.pixel;
    const double angle = context.values.of("streak-angle") * CV_PI / 180;
    if (length < 0.5)
        return;
    const int passes = std::clamp(static_cast<int>(std::ceil(std::log2(length))), 2, 7);
    const cv::Point2d along(std::cos(angle), std::sin(angle));
    cv::Mat streaked = image;
    lay_moved_over(streaked, along * (-length * (1 - std::pow(0.5, passes)) / 2),
                   1); // so that it ends up in the middle
    double apart = length / 2;
    for (int pass = 0; pass < passes; ++pass, apart /= 2)
        lay_moved_over(streaked, along * apart, 0.5, pass % 2 == 0);
    streaked.copyTo(image);
}

double reach(const EffectValues& values) {
    return values.of("streak") / 2 + 1;
}

} // namespace

const EffectPainter streak_painter{"streak", paint, reach};

} // namespace pulsepin
