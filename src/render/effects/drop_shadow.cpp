// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <opencv2/imgproc.hpp>

namespace pulsepin {
namespace {

/// The layer over its own alpha, moved aside, softened and coloured.
void paint(cv::Mat& image, const EffectContext& context) {
    cv::Mat alpha, moved;
    cv::extractChannel(image, alpha, 3);
    const cv::Matx23d aside(1, 0, context.values.of("drop-shadow-x") * context.pixel, 0, 1,
                            context.values.of("drop-shadow-y") * context.pixel);
    cv::warpAffine(alpha, moved, aside, alpha.size(), cv::INTER_LINEAR, cv::BORDER_CONSTANT, cv::Scalar(0));
    cv::Mat shadow;
    cv::merge(std::vector<cv::Mat>(4, moved), shadow);
    blur_in_place(shadow, context.values.of("drop-shadow-size") * context.pixel);
    const cv::Scalar colour = channels_of(context.values.light_or("drop-shadow", "drop-shadow-colour"));
    const double amount = context.values.of("drop-shadow") / 100;
    for (int y = 0; y < image.rows; ++y) {
        auto* pixel = image.ptr<cv::Vec4b>(y);
        const auto* under = shadow.ptr<cv::Vec4b>(y);
        for (int x = 0; x < image.cols; ++x) {
            const double through = (255 - pixel[x][3]) / 255.0 * under[x][3] * amount;
            if (through <= 0)
                continue;
            for (int channel = 0; channel < 4; ++channel)
                pixel[x][channel] = cv::saturate_cast<uchar>(
                    pixel[x][channel] + through * (channel == 3 ? 1.0 : colour[channel]));
        }
    }
}

double reach(const EffectValues& values) {
    return 3 * values.of("drop-shadow-size") +
           std::max(std::abs(values.of("drop-shadow-x")), std::abs(values.of("drop-shadow-y")));
}

} // namespace

const EffectPainter drop_shadow_painter{"drop-shadow", paint, reach};

} // namespace pulsepin
