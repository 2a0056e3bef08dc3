// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

namespace pulsepin {
namespace {

/// So much of the way to the flash's colour where the layer is.
void paint(cv::Mat& image, const EffectContext& context) {
    const double share = context.values.of("flash") / 100;
    cv::Mat light = alpha_everywhere(image);
    cv::multiply(light, channels_of(context.values.light_or("flash", "flash-colour")), light);
    cv::addWeighted(image, 1 - share, light, share, 0, image);
}

} // namespace

const EffectPainter flash_painter{"flash", paint};

} // namespace pulsepin
