// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect.h"

#include <array>

namespace pulsepin {
namespace {

constexpr std::array<Parameter, 3> own{{
    {"glow", "glow", "%", 0, 0, 400, 0, 80},
    {"glow-limit", "glow limit", "%", 60, 0, 100, 100, 20},
    {"glow-size", "glow size", "px", 18, 0, 400, 8, 40},
}};

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

} // namespace

const EffectRow glow_effect{"glow",  "Glow", own, "15 to 20 frames for what builds slowly",
                            nullptr, paint,  {},  true};

} // namespace pulsepin
