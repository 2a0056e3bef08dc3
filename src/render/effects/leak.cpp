// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <cmath>
#include <opencv2/imgproc.hpp>

namespace pulsepin {
namespace {

/// Stray light from beyond the picture's edge, that wanders.
void paint(cv::Mat& image, const EffectContext& context) {
    constexpr int step = 8;
    cv::Mat light((image.rows + step - 1) / step + 1, (image.cols + step - 1) / step + 1, CV_32F);
    const double turn = context.values.turns("leak-rate", context.seconds) * 2 * CV_PI;
    const double wide = context.picture.width, high = context.picture.height;
    const cv::Point2d first = context.middle + cv::Point2d(-0.55 * wide, 0.35 * high * std::sin(turn)),
                      second = context.middle + cv::Point2d(0.4 * wide * std::cos(turn * 0.7), -0.65 * high);
    for (int y = 0; y < light.rows; ++y)
        for (int x = 0; x < light.cols; ++x) {
            const cv::Point2d at(x * step, y * step);
            const auto near = [&](cv::Point2d from, double size) {
                const double far = cv::norm(at - from) / size;
                return std::exp(-far * far);
            };
            light.at<float>(y, x) =
                static_cast<float>(near(first, 0.45 * wide) + 0.7 * near(second, 0.35 * wide));
        }
    cv::resize(light, light, {light.cols * step, light.rows * step}, 0, 0, cv::INTER_LINEAR);
    add_light(image, light(cv::Rect(0, 0, image.cols, image.rows)),
              context.values.light_or("leak", "leak-colour"), context.values.of("leak") / 100);
}

} // namespace

const EffectPainter leak_painter{"leak", paint, nullptr, true};

} // namespace pulsepin
