// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

/// As many steps of each colour.
void paint(cv::Mat& image, const EffectContext& context) {
    const double share = context.values.of("posterise") / 100, steps = context.values.of("posterise-steps");
    std::array<unsigned char, 256> table{};
    for (std::size_t i = 0; i < 256; ++i) {
        const double value = static_cast<double>(i) / 255;
        const double stepped = std::min(std::floor(value * steps), steps - 1) / (steps - 1);
        table[i] = static_cast<unsigned char>(std::lround((value + (stepped - value) * share) * 255));
    }
    look_up(image, table);
}

} // namespace

const EffectPainter posterise_painter{"posterise", paint};

} // namespace pulsepin
