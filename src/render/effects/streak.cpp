// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace pulsepin {
namespace {

/// The mean of what lies along a stretch of that length; long ones at a smaller size.
void paint(cv::Mat& image, const EffectContext& context) {
    const double length = context.values.of("streak") * context.pixel;
    const double angle = context.values.of("streak-angle") * CV_PI / 180;
    if (length < 0.5)
        return;
    int shrink = 1;
    while (length / shrink > 32 && image.cols / shrink > 16 && image.rows / shrink > 16)
        shrink *= 2;
    cv::Mat small = image;
    if (shrink > 1)
        cv::resize(image, small, {(image.cols + shrink - 1) / shrink, (image.rows + shrink - 1) / shrink}, 0,
                   0, cv::INTER_AREA);
    const double half = length / shrink / 2;
    const int side = 2 * static_cast<int>(std::ceil(half)) + 1;
    cv::Mat kernel = cv::Mat::zeros(side, side, CV_32F);
    const int dots = 8 * side; // so that none of its cells is missed
    for (int i = 0; i < dots; ++i) {
        const double t = (2.0 * (i + 0.5) / dots - 1) * half;
        const double x = side / 2 + t * std::cos(angle), y = side / 2 + t * std::sin(angle);
        kernel.at<float>(std::clamp(static_cast<int>(std::lround(y)), 0, side - 1),
                         std::clamp(static_cast<int>(std::lround(x)), 0, side - 1)) += 1;
    }
    kernel /= cv::sum(kernel)[0];
    cv::Mat blurred;
    cv::filter2D(small, blurred, -1, kernel, {-1, -1}, 0, cv::BORDER_REPLICATE);
    if (shrink > 1)
        cv::resize(blurred, image, image.size(), 0, 0, cv::INTER_LINEAR);
    else
        blurred.copyTo(image);
}

double reach(const EffectValues& values) {
    return values.of("streak") / 2 + 1;
}

} // namespace

const EffectPainter streak_painter{"streak", paint, reach};

} // namespace pulsepin
