// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

namespace pulsepin {
namespace {

/// Lit by a lamp of that colour.
void paint(cv::Mat& image, const EffectContext& context) {
    const Colour colour = context.values.light_or("strobe", "strobe-colour");
    if (colour != Colour{0xffffff})
        cv::multiply(image, channels_of(colour), image);
}

} // namespace

const EffectPainter strobe_painter{"strobe", paint};

} // namespace pulsepin
