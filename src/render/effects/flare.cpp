// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace pulsepin {
namespace {

/// A soft disc of light.
void add_disc(cv::Mat& light, cv::Point2d at, double radius, float strength, bool ring) {
    const int top = std::max(0, static_cast<int>(at.y - radius)),
              bottom = std::min(light.rows - 1, static_cast<int>(at.y + radius) + 1);
    const int left = std::max(0, static_cast<int>(at.x - radius)),
              right = std::min(light.cols - 1, static_cast<int>(at.x + radius) + 1);
    const cv::Point2f middle(at);
    const auto wide = static_cast<float>(radius);
    for (int y = top; y <= bottom; ++y) {
        auto* row = light.ptr<float>(y);
        const float down = (static_cast<float>(y) - middle.y) / wide;
        for (int x = left; x <= right; ++x) {
            const float across = (static_cast<float>(x) - middle.x) / wide,
                        far = std::sqrt(across * across + down * down);
            if (far >= 1)
                continue;
            const float much =
                ring ? far * far * far * std::min(1.0f, (1 - far) * 12) : (1 - far) * (1 - far);
            row[x] += strength * much;
        }
    }
}

/// A light in the picture, and its reflections on the line through the middle.
void paint(cv::Mat& image, const EffectContext& context) {
    constexpr int step = 2;
    cv::Mat light = cv::Mat::zeros((image.rows + step - 1) / step, (image.cols + step - 1) / step, CV_32F);
    const cv::Point2d away =
        cv::Point2d(context.values.of("flare-x"), context.values.of("flare-y")) * context.pixel;
    const double size = context.values.of("flare-size") * context.pixel / step;
    const auto at = [&](double share) { return (context.middle + away * share) * (1.0 / step); };
    add_disc(light, at(1), size, 1.0f, false);
    add_disc(light, at(1), size / 4, 0.8f, false);
    add_disc(light, at(0.45), size / 5, 0.25f, true);
    add_disc(light, at(-0.35), size / 3.2, 0.18f, true);
    add_disc(light, at(-0.8), size / 6, 0.3f, false);
    add_disc(light, at(-1.2), size / 2.2, 0.14f, true);
    cv::resize(light, light, image.size(), 0, 0, cv::INTER_LINEAR);
    add_light(image, light, context.values.light_or("flare", "flare-colour"),
              context.values.of("flare") / 100);
}

} // namespace

const EffectPainter flare_painter{"flare", paint};

} // namespace pulsepin
