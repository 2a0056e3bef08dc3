// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

namespace pulsepin {
namespace {

/// Lit by a lamp of the trigger's colour.
void paint(cv::Mat& image, const EffectContext& context) {
    if (const auto colour = context.values.light("strobe"))
        cv::multiply(image, channels_of(*colour), image);
}

} // namespace

const EffectPainter strobe_painter{"strobe", paint};

} // namespace pulsepin
