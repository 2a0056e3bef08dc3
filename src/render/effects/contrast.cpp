// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

namespace pulsepin {
namespace {

/// Away from the middle, or towards it.
void paint(cv::Mat& image, const EffectContext& context) {
    const auto gain = static_cast<float>(1 + context.values.of("contrast") / 100);
    cv::Matx44f matrix = cv::Matx44f::eye() * gain;
    for (int c = 0; c < 3; ++c)
        matrix(c, 3) = 0.5f - 0.5f * gain;
    matrix(3, 3) = 1;
    mix_colours(image, matrix);
}

} // namespace

const EffectPainter contrast_painter{"contrast", paint};

} // namespace pulsepin
