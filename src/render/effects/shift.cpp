// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace pulsepin {
namespace {

/// Red lies so far one way, blue the other.
void paint(cv::Mat& image, const EffectContext& context) {
    const double far = context.values.of("shift") * context.pixel,
                 angle = context.values.of("shift-angle") * CV_PI / 180;
    const double x = far * std::cos(angle), y = far * std::sin(angle);
    const auto moved = [&](double sign) {
        const cv::Matx23d by(1, 0, sign * x, 0, 1, sign * y);
        cv::Mat other;
        cv::warpAffine(image, other, by, image.size(), cv::INTER_LINEAR, cv::BORDER_REPLICATE);
        return other;
    };
    const cv::Mat red = moved(1), blue = moved(-1);
    for (int row = 0; row < image.rows; ++row) {
        auto* pixel = image.ptr<cv::Vec4b>(row);
        const auto* r = red.ptr<cv::Vec4b>(row);
        const auto* b = blue.ptr<cv::Vec4b>(row);
        for (int i = 0; i < image.cols; ++i)
            pixel[i] = {b[i][0], pixel[i][1], r[i][2], std::max({pixel[i][3], r[i][3], b[i][3]})};
    }
}

double reach(const EffectValues& values) {
    return std::abs(values.of("shift")) + 1;
}

} // namespace

const EffectPainter shift_painter{"shift", paint, reach};

} // namespace pulsepin
