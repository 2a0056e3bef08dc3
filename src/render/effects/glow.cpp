// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"
#include "render/pixel_lanes.h"

namespace pulsepin {
namespace {

PULSEPIN_WIDE void add(cv::Mat& image, const cv::Mat& bright, const cv::Vec4f& gain) {
    change_pixels<true>(image, [&](PixelLanes& p, int x, int y) PULSEPIN_WITHIN {
        PixelLanes light;
        read_pixels(bright.ptr<unsigned char>(y), x, image.cols, light);
        p.blue += light.blue * gain[0];
        p.green += light.green * gain[1];
        p.red += light.red * gain[2];
        p.alpha += light.alpha * gain[3];
    });
}

/// What is brighter than the limit shines over its surroundings.
void paint(cv::Mat& image, const EffectContext& context) {
    const double limit = context.values.of("glow-limit") / 100;
    cv::Mat bright;
    cv::subtract(image, cv::Scalar::all(limit * 255), bright);
    blur_in_place(bright, context.values.of("glow-size") * context.pixel);
    const auto gain = static_cast<float>(context.values.of("glow") / 100 / std::max(0.05, 1 - limit));
    const auto colour = context.values.light("glow");
    add(image, bright, cv::Vec4f(colour ? channels_of(*colour) : cv::Scalar::all(1)) * gain);
}

double reach(const EffectValues& values) {
    return 3 * values.of("glow-size");
}

} // namespace

const EffectPainter glow_painter{"glow", paint, reach};

} // namespace pulsepin
