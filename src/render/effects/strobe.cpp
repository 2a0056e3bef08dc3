// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"
#include "render/pixel_lanes.h"

namespace pulsepin {
namespace {

/// Lit by a lamp of that colour.
PULSEPIN_WIDE void paint(cv::Mat& image, const EffectContext& context) {
    const Colour colour = context.values.light_or("strobe", "strobe-colour");
    if (colour == Colour{0xffffff})
        return;
    const cv::Vec4f lamp(channels_of(colour));
    change_pixels(image, [&](PixelLanes& p, int, int) PULSEPIN_WITHIN {
        p.blue *= lamp[0];
        p.green *= lamp[1];
        p.red *= lamp[2];
    });
}

} // namespace

const EffectPainter strobe_painter{"strobe", paint};

} // namespace pulsepin
