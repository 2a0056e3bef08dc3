// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

void paint(cv::Mat& image, const EffectContext& context) {
    const double black = context.values.of("levels-black") / 100,
                 white = std::max(black + 0.01, context.values.of("levels-white") / 100),
                 middle = context.values.of("levels-middle");
    std::array<unsigned char, 256> table{};
    for (std::size_t i = 0; i < 256; ++i) {
        const double share = std::clamp((static_cast<double>(i) / 255 - black) / (white - black), 0.0, 1.0);
        table[i] = static_cast<unsigned char>(std::lround(std::pow(share, 1 / middle) * 255));
    }
    look_up(image, table);
}

} // namespace

const EffectPainter levels_painter{"levels", paint};

} // namespace pulsepin
