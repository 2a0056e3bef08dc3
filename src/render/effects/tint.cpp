// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <QColor>

namespace pulsepin {
namespace {

/// The picture's brightness in one colour, mixed in; brightness weighed as in ITU-R BT.709.
void paint(cv::Mat& image, const EffectContext& context) {
    const auto share = static_cast<float>(context.values.of("tint") / 100);
    const QColor colour =
        QColor::fromHsvF(static_cast<float>(context.values.of("tint-hue") / 360.0001), 0.85f, 1.0f);
    float to[3] = {colour.blueF(), colour.greenF(), colour.redF()};
    if (const auto light = context.values.light("tint"))
        for (int i = 0; i < 3; ++i)
            to[i] = static_cast<float>(channels_of(*light)[i]);
    cv::Matx44f matrix = cv::Matx44f::zeros();
    for (int out = 0; out < 3; ++out)
        for (int in = 0; in < 3; ++in)
            matrix(out, in) = (out == in ? 1 - share : 0.0f) + share * to[out] * luma[in];
    matrix(3, 3) = 1;
    mix_colours(image, matrix);
}

} // namespace

const EffectPainter tint_painter{"tint", paint};

} // namespace pulsepin
