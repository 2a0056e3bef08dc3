// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

namespace pulsepin {
namespace {

/// Away from grey of the same brightness (ITU-R BT.709), or towards it.
void paint(cv::Mat& image, const EffectContext& context) {
    const auto gain = static_cast<float>(1 + context.values.of("saturation") / 100);
    cv::Matx44f matrix = cv::Matx44f::zeros();
    for (int out = 0; out < 3; ++out)
        for (int in = 0; in < 3; ++in)
            matrix(out, in) = (out == in ? gain : 0.0f) + (1 - gain) * luma[in];
    matrix(3, 3) = 1;
    mix_colours(image, matrix);
}

} // namespace

const EffectPainter saturation_painter{"saturation", paint};

} // namespace pulsepin
