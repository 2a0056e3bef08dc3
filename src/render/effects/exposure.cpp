// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <cmath>

namespace pulsepin {
namespace {

/// One stop is twice the light; worked out on linear light (sRGB, IEC 61966-2-1).
void paint(cv::Mat& image, const EffectContext& context) {
    const double gain = std::pow(2.0, context.values.of("exposure"));
    cv::Mat table(1, 256, CV_8UC4);
    for (int i = 0; i < 256; ++i) {
        const double s = i / 255.0;
        const double light = (s <= 0.04045 ? s / 12.92 : std::pow((s + 0.055) / 1.055, 2.4)) * gain;
        const double out = light <= 0.0031308 ? light * 12.92 : 1.055 * std::pow(light, 1 / 2.4) - 0.055;
        const auto value = cv::saturate_cast<uchar>(out * 255);
        table.at<cv::Vec4b>(0, i) = {value, value, value, static_cast<uchar>(i)};
    }
    const cv::Mat alpha = alpha_everywhere(image);
    cv::LUT(image, table, image);
    cv::min(image, alpha, image); // no colour is stronger than its pixel is opaque
}

} // namespace

const EffectPainter exposure_painter{"exposure", paint};

} // namespace pulsepin
