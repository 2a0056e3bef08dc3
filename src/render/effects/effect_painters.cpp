// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <algorithm>
#include <array>
#include <opencv2/imgproc.hpp>

namespace pulsepin {
namespace {

const std::array painters{&colour_key_painter, &soft_edge_painter,  &drop_shadow_painter, &exposure_painter,
                          &contrast_painter,   &saturation_painter, &hue_painter,         &levels_painter,
                          &tint_painter,       &posterise_painter,  &blur_painter,        &streak_painter,
                          &rush_painter,       &sharpen_painter,    &glow_painter,        &shift_painter,
                          &bulge_painter,      &ripple_painter,     &mirror_painter,      &edges_painter,
                          &grain_painter,      &vignette_painter,   &flare_painter,       &leak_painter,
                          &flash_painter,      &strobe_painter};

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

void within_alpha(cv::Mat& image) {
    const cv::Mat alpha = alpha_everywhere(image);
    cv::min(image, alpha, image);
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

void mix_colours(cv::Mat& image, const cv::Matx44f& matrix) {
    cv::transform(image, image, matrix);
    within_alpha(image);
}

void look_up(cv::Mat& image, const std::array<unsigned char, 256>& table) {
    for (int y = 0; y < image.rows; ++y) {
        auto* pixel = image.ptr<cv::Vec4b>(y);
        for (const auto* end = pixel + image.cols; pixel != end; ++pixel) {
            const unsigned alpha = (*pixel)[3];
            if (alpha == 0)
                continue;
            for (int c = 0; c < 3; ++c) {
                const unsigned free = alpha == 255 ? (*pixel)[c] : ((*pixel)[c] * 255u + alpha / 2) / alpha;
                (*pixel)[c] = static_cast<uchar>((table[std::min(free, 255u)] * alpha + 127) / 255);
            }
        }
    }
}

void bend(cv::Mat& image, cv::Point2d (*from)(cv::Point2d, const EffectContext&),
          const EffectContext& context) {
    // Worked out at every fourth pixel: what bends does so smoothly.
    constexpr int step = 4;
    cv::Mat coarse((image.rows + step - 1) / step + 1, (image.cols + step - 1) / step + 1, CV_32FC2);
    for (int y = 0; y < coarse.rows; ++y)
        for (int x = 0; x < coarse.cols; ++x) {
            const cv::Point2d at(x * step, y * step);
            const cv::Point2d place = from(at, context);
            coarse.at<cv::Vec2f>(y, x) = {static_cast<float>(place.x - at.x),
                                          static_cast<float>(place.y - at.y)};
        }
    cv::Mat map(image.size(), CV_32FC2);
    for (int y = 0; y < image.rows; ++y) {
        const auto* above = coarse.ptr<cv::Vec2f>(y / step);
        const auto* below = coarse.ptr<cv::Vec2f>(y / step + 1);
        const float v = static_cast<float>(y % step) / step;
        auto* out = map.ptr<cv::Vec2f>(y);
        for (int x = 0; x < image.cols; ++x) {
            const int i = x / step;
            const float u = static_cast<float>(x % step) / step;
            const cv::Vec2f moved = (above[i] * (1 - u) + above[i + 1] * u) * (1 - v) +
                                    (below[i] * (1 - u) + below[i + 1] * u) * v;
            out[x] = {static_cast<float>(x) + moved[0], static_cast<float>(y) + moved[1]};
        }
    }
    cv::Mat bent;
    cv::remap(image, bent, map, {}, cv::INTER_LINEAR, cv::BORDER_REFLECT_101);
    bent.copyTo(image);
}

void add_light(cv::Mat& image, const cv::Mat& light, Colour colour, double strength) {
    const cv::Scalar channels = channels_of(colour);
    float weights[3];
    for (int c = 0; c < 3; ++c)
        weights[c] = static_cast<float>(channels[c] * strength);
    for (int y = 0; y < image.rows; ++y) {
        auto* pixel = image.ptr<cv::Vec4b>(y);
        const auto* lit = light.ptr<float>(y);
        for (int x = 0; x < image.cols; ++x, ++pixel) {
            const float alpha = (*pixel)[3];
            for (int c = 0; c < 3; ++c)
                (*pixel)[c] = static_cast<uchar>(
                    std::min(alpha, static_cast<float>((*pixel)[c]) + lit[x] * weights[c] * alpha + 0.5f));
        }
    }
}

} // namespace pulsepin
