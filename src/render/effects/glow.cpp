// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

namespace pulsepin {
namespace {

/// What is brighter than the limit shines over its surroundings.
void paint(cv::Mat& image, const EffectContext& context) {
    const double limit = context.values.of("glow-limit") / 100;
    cv::Mat bright;
    cv::subtract(image, cv::Scalar::all(limit * 255), bright);
    blur_in_place(bright, context.values.of("glow-size") * context.pixel);
    if (const auto colour = context.values.light("glow"))
        cv::multiply(bright, channels_of(*colour), bright);
    const double gain = context.values.of("glow") / 100 / std::max(0.05, 1 - limit);
    cv::scaleAdd(bright, gain, image, image);
}

double reach(const EffectValues& values) {
    return 3 * values.of("glow-size");
}

} // namespace

const EffectPainter glow_painter{"glow", paint, reach};

} // namespace pulsepin
