// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <algorithm>
#include <array>
#include <opencv2/imgproc.hpp>

namespace pulsepin {
namespace {

const std::array<const EffectPainter*, 6> painters{&exposure_painter, &tint_painter,  &blur_painter,
                                                   &glow_painter,     &flash_painter, &strobe_painter};

} // namespace

const EffectPainter* painter_of(std::string_view effect) {
    const auto found = std::find_if(painters.begin(), painters.end(),
                                    [effect](const EffectPainter* one) { return one->effect == effect; });
    return found == painters.end() ? nullptr : *found;
}

cv::Scalar channels_of(Colour colour) {
    const auto channel = [&](int shift) { return static_cast<double>(colour.rgb >> shift & 0xffu) / 255; };
    return {channel(0), channel(8), channel(16), 1};
}

cv::Mat alpha_everywhere(const cv::Mat& image) {
    cv::Mat alpha(image.size(), image.type());
    constexpr int from_to[] = {3, 0, 3, 1, 3, 2, 3, 3};
    cv::mixChannels(&image, 1, &alpha, 1, from_to, 4);
    return alpha;
}

void blur_in_place(cv::Mat& image, double sigma) {
    if (sigma < 0.1)
        return;
    int shrink = 1;
    while (sigma / shrink > 6 && image.cols / shrink > 8 && image.rows / shrink > 8)
        shrink *= 2;
    cv::Mat small = image;
    if (shrink > 1)
        cv::resize(image, small, {(image.cols + shrink - 1) / shrink, (image.rows + shrink - 1) / shrink}, 0,
                   0, cv::INTER_AREA);
    cv::Mat blurred;
    cv::GaussianBlur(small, blurred, {}, sigma / shrink, 0, cv::BORDER_REPLICATE);
    if (shrink > 1)
        cv::resize(blurred, image, image.size(), 0, 0, cv::INTER_LINEAR);
    else
        blurred.copyTo(image);
}

} // namespace pulsepin
