// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

namespace pulsepin {
namespace {

/// What a blurred picture lacks, added once more.
void paint(cv::Mat& image, const EffectContext& context) {
    cv::Mat soft = image.clone();
    blur_in_place(soft, context.values.of("sharpen-size") * context.pixel);
    const double gain = context.values.of("sharpen") / 100;
    const cv::Mat alpha = alpha_everywhere(image);
    cv::Mat sharp;
    cv::addWeighted(image, 1 + gain, soft, -gain, 0, sharp);
    cv::min(sharp, alpha, sharp);
    constexpr int colours[] = {0, 0, 1, 1, 2, 2};
    cv::mixChannels(&sharp, 1, &image, 1, colours, 3);
}

} // namespace

const EffectPainter sharpen_painter{"sharpen", paint};

} // namespace pulsepin
