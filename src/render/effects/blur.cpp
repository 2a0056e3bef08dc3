// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

namespace pulsepin {
namespace {

/// Gaussian; the number is its standard deviation.
void paint(cv::Mat& image, const EffectContext& context) {
    blur_in_place(image, context.values.of("blur") * context.pixel);
}

double reach(const EffectValues& values) {
    return 3 * values.of("blur");
}

} // namespace

const EffectPainter blur_painter{"blur", paint, reach};

} // namespace pulsepin
