// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace pulsepin {
namespace {

/// One stop is twice the light; worked out on linear light (sRGB, IEC 61966-2-1).
void paint(cv::Mat& image, const EffectContext& context) {
    const double gain = std::pow(2.0, context.values.of("exposure"));
    std::array<unsigned char, 256> table{};
    for (int i = 0; i < 256; ++i) {
        const double s = i / 255.0;
        const double light = (s <= 0.04045 ? s / 12.92 : std::pow((s + 0.055) / 1.055, 2.4)) * gain;
        const double out = light <= 0.0031308 ? light * 12.92 : 1.055 * std::pow(light, 1 / 2.4) - 0.055;
        table[static_cast<std::size_t>(i)] = cv::saturate_cast<uchar>(out * 255);
    }
    for (int y = 0; y < image.rows; ++y) {
        auto* pixel = image.ptr<cv::Vec4b>(y);
        for (int x = 0; x < image.cols; ++x)
            for (int c = 0; c < 3; ++c) // no colour is stronger than its pixel is opaque
                pixel[x][c] = std::min(table[pixel[x][c]], pixel[x][3]);
    }
}

} // namespace

const EffectPainter exposure_painter{"exposure", paint};

} // namespace pulsepin
