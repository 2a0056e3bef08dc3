// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect.h"

#include <array>

namespace pulsepin {
namespace {

constexpr std::array<Parameter, 1> own{{{"flash", "flash", "%", 0, 0, 100, 0, 80}}};

/// So much of the way to the flash's colour, white by itself, where the layer is.
void paint(cv::Mat& image, const EffectContext& context) {
    const double share = context.values.of("flash") / 100;
    cv::Mat light = alpha_everywhere(image);
    if (const auto colour = context.values.light("flash"))
        cv::multiply(light, channels_of(*colour), light);
    cv::addWeighted(image, 1 - share, light, share, 0, image);
}

} // namespace

const EffectRow flash_effect{"flash", "Flash", own, "none: it starts on the beat", nullptr, paint, {}, true};

} // namespace pulsepin
