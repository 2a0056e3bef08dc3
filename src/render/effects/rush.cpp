// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <cmath>
#include <opencv2/imgproc.hpp>

namespace pulsepin {
namespace {

/// The mean of sixteen pictures, each a little larger than the one before, around a point: each pass lays two
/// over each other, and halves how far they are apart.
void paint(cv::Mat& image, const EffectContext& context) {
    const double most = 1 + context.values.of("rush") / 100;
    const double x = context.middle.x + context.values.of("rush-x") * context.pixel,
                 y = context.middle.y + context.values.of("rush-y") * context.pixel;
    double power = 0.5;
    for (int pass = 0; pass < 4; ++pass, power /= 2) {
        const double scale = std::pow(most, power);
        const cv::Matx23d larger(scale, 0, x * (1 - scale), 0, scale, y * (1 - scale));
        cv::Mat other;
        cv::warpAffine(image, other, larger, image.size(), cv::INTER_LINEAR, cv::BORDER_CONSTANT);
        cv::addWeighted(image, 0.5, other, 0.5, 0, image);
    }
}

double reach(const EffectValues& values) {
    return values.of("rush") * 30; // as far as the picture goes
}

} // namespace

const EffectPainter rush_painter{"rush", paint, reach};

} // namespace pulsepin
