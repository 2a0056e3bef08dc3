// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"
#include "render/pixel_lanes.h"

namespace pulsepin {
namespace {

/// So much of the way to the flash's colour where the layer is.
PULSEPIN_WIDE void paint(cv::Mat& image, const EffectContext& context) {
    const auto share = static_cast<float>(context.values.of("flash") / 100), rest = 1 - share;
    const cv::Vec4f light = cv::Vec4f(channels_of(context.values.light_or("flash", "flash-colour"))) * share;
    change_pixels(image, [&](PixelLanes& p, int, int) PULSEPIN_WITHIN {
        p.blue = p.blue * rest + p.alpha * light[0];
        p.green = p.green * rest + p.alpha * light[1];
        p.red = p.red * rest + p.alpha * light[2];
    });
}

} // namespace

const EffectPainter flash_painter{"flash", paint};

} // namespace pulsepin
