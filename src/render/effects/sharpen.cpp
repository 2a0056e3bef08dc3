// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"
#include "render/pixel_lanes.h"

namespace pulsepin {
namespace {

/// What a blurred picture lacks, added once more.
PULSEPIN_WIDE void paint(cv::Mat& image, const EffectContext& context) {
    cv::Mat soft = image.clone();
    blur_in_place(soft, context.values.of("sharpen-size") * context.pixel);
    const auto gain = static_cast<float>(context.values.of("sharpen") / 100);
    change_pixels(image, [&](PixelLanes& p, int x, int y) PULSEPIN_WITHIN {
        PixelLanes blurred;
        read_pixels(soft.ptr<unsigned char>(y), x, image.cols, blurred);
        p.blue += gain * (p.blue - blurred.blue);
        p.green += gain * (p.green - blurred.green);
        p.red += gain * (p.red - blurred.red);
    });
}

} // namespace

const EffectPainter sharpen_painter{"sharpen", paint};

} // namespace pulsepin
