// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect.h"

#include <array>

namespace pulsepin {
namespace {

constexpr std::array<Parameter, 1> own{{{"flash", "flash", "%", 0, 0, 100, 0, 80}}};

/// So much of the way to white, where the layer is.
void paint(cv::Mat& image, const EffectContext& context) {
    const double share = context.values.of("flash") / 100;
    cv::addWeighted(image, 1 - share, alpha_everywhere(image), share, 0, image);
}

} // namespace

const EffectRow flash_effect{"flash", "Flash", own, "none: it starts on the beat", nullptr, paint};

} // namespace pulsepin
