// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <cmath>

namespace pulsepin {
namespace {

/// Turned around the axis of greys, as hue-rotate() of W3C's Filter Effects Module Level 1 has it.
void paint(cv::Mat& image, const EffectContext& context) {
    const double angle = context.values.of("hue") * CV_PI / 180, c = std::cos(angle), s = std::sin(angle);
    const double red[3] = {0.213 + c * 0.787 - s * 0.213, 0.715 - c * 0.715 - s * 0.715,
                           0.072 - c * 0.072 + s * 0.928};
    const double green[3] = {0.213 - c * 0.213 + s * 0.143, 0.715 + c * 0.285 + s * 0.140,
                             0.072 - c * 0.072 - s * 0.283};
    const double blue[3] = {0.213 - c * 0.213 - s * 0.787, 0.715 - c * 0.715 + s * 0.715,
                            0.072 + c * 0.928 + s * 0.072};
    cv::Matx44f matrix = cv::Matx44f::zeros();
    for (int in = 0; in < 3; ++in) { // the rows above count red, green, blue; an image blue, green, red
        matrix(0, 2 - in) = static_cast<float>(blue[in]);
        matrix(1, 2 - in) = static_cast<float>(green[in]);
        matrix(2, 2 - in) = static_cast<float>(red[in]);
    }
    matrix(3, 3) = 1;
    mix_colours(image, matrix);
}

} // namespace

const EffectPainter hue_painter{"hue", paint};

} // namespace pulsepin
