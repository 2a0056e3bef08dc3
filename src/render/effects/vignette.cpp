// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace pulsepin {
namespace {

/// Towards the edges of the picture it takes on a colour.
void paint(cv::Mat& image, const EffectContext& context) {
    const double from = context.values.of("vignette-size") / 100,
                 soft = context.values.of("vignette-soft") / 100;
    const auto share = static_cast<float>(context.values.of("vignette") / 100);
    constexpr int step = 4; // it is smooth
    cv::Mat mask((image.rows + step - 1) / step, (image.cols + step - 1) / step, CV_32F);
    for (int y = 0; y < mask.rows; ++y)
        for (int x = 0; x < mask.cols; ++x) {
            const double across = (x * step - context.middle.x) / (context.picture.width / 2),
                         down = (y * step - context.middle.y) / (context.picture.height / 2);
            const double t =
                std::clamp((std::hypot(across, down) / std::sqrt(2.0) - from) / soft + 0.5, 0.0, 1.0);
            mask.at<float>(y, x) = static_cast<float>(t * t * (3 - 2 * t)) * share;
        }
    cv::resize(mask, mask, image.size(), 0, 0, cv::INTER_LINEAR);
    const cv::Scalar to = channels_of(context.values.colour("vignette-colour"));
    const float colour[3] = {static_cast<float>(to[0]), static_cast<float>(to[1]), static_cast<float>(to[2])};
    for (int y = 0; y < image.rows; ++y) {
        auto* pixel = image.ptr<cv::Vec4b>(y);
        const auto* much = mask.ptr<float>(y);
        for (int x = 0; x < image.cols; ++x)
            for (int c = 0; c < 3; ++c)
                pixel[x][c] = static_cast<uchar>(static_cast<float>(pixel[x][c]) * (1 - much[x]) +
                                                 colour[c] * pixel[x][3] * much[x] + 0.5f);
    }
}

} // namespace

const EffectPainter vignette_painter{"vignette", paint};

} // namespace pulsepin
