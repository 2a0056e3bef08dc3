// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace pulsepin {
namespace {

/// One half of the picture, and its mirror image in place of the other.
void paint(cv::Mat& image, const EffectContext& context) {
    const std::string half = context.values.option("mirror-from");
    const bool across = half == "left" || half == "right", first = half == "left" || half == "top";
    const double axis = across ? context.middle.x : context.middle.y;
    // Pixel i lies from i to i + 1; its mirror image is pixel 2 * axis - 1 - i.
    const cv::Matx23d turned =
        across ? cv::Matx23d(-1, 0, 2 * axis - 1, 0, 1, 0) : cv::Matx23d(1, 0, 0, 0, -1, 2 * axis - 1);
    cv::Mat other;
    cv::warpAffine(image, other, turned, image.size(), cv::INTER_LINEAR, cv::BORDER_CONSTANT);
    const double share = context.values.of("mirror") / 100;
    cv::addWeighted(image, 1 - share, other, share, 0, other);
    const int cut = static_cast<int>(
        std::lround(std::clamp(axis, 0.0, static_cast<double>(across ? image.cols : image.rows))));
    const cv::Rect replaced =
        across ? (first ? cv::Rect(cut, 0, image.cols - cut, image.rows) : cv::Rect(0, 0, cut, image.rows))
               : (first ? cv::Rect(0, cut, image.cols, image.rows - cut) : cv::Rect(0, 0, image.cols, cut));
    if (replaced.area() > 0)
        other(replaced).copyTo(image(replaced));
}

/// What is on one side is seen on the other.
double reach(const EffectValues&) {
    return 20000;
}

} // namespace

const EffectPainter mirror_painter{"mirror", paint, reach};

} // namespace pulsepin
