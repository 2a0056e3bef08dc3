// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"
#include "render/pixel_lanes.h"

#include <opencv2/imgproc.hpp>

namespace pulsepin {
namespace {

PULSEPIN_WIDE void lay_under(cv::Mat& image, const cv::Mat& shadow, Colour colour, float amount) {
    const cv::Vec4f tone(channels_of(colour));
    change_pixels<true>(image, [&](PixelLanes& p, int x, int y) PULSEPIN_WITHIN {
        Lanes through{};
        read_lanes(shadow.ptr<float>(y), x, image.cols, through);
        through *= (255 - p.alpha) * amount;
        p.alpha += through;
        p.blue += through * tone[0];
        p.green += through * tone[1];
        p.red += through * tone[2];
    });
}

/// The layer over its own alpha, moved aside, softened and coloured.
void paint(cv::Mat& image, const EffectContext& context) {
    cv::Mat alpha, moved;
    cv::extractChannel(image, alpha, 3);
    const cv::Matx23d aside(1, 0, context.values.of("drop-shadow-x") * context.pixel, 0, 1,
                            context.values.of("drop-shadow-y") * context.pixel);
    cv::warpAffine(alpha, moved, aside, alpha.size(), cv::INTER_LINEAR, cv::BORDER_CONSTANT, cv::Scalar(0));
    blur_in_place(moved, context.values.of("drop-shadow-size") * context.pixel);
    cv::Mat shadow;
    moved.convertTo(shadow, CV_32F, 1.0 / 255);
    lay_under(image, shadow, context.values.light_or("drop-shadow", "drop-shadow-colour"),
              static_cast<float>(context.values.of("drop-shadow") / 100));
}

double reach(const EffectValues& values) {
    return 3 * values.of("drop-shadow-size") +
           std::max(std::abs(values.of("drop-shadow-x")), std::abs(values.of("drop-shadow-y")));
}

} // namespace

const EffectPainter drop_shadow_painter{"drop-shadow", paint, reach};

} // namespace pulsepin
