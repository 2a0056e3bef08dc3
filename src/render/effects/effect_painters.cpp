// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"
#include "render/pixel_lanes.h"

#include <algorithm>
#include <array>

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

PULSEPIN_WIDE void mix_colours(cv::Mat& image, const cv::Matx44f& m) {
    change_pixels(image, [&](PixelLanes& p, int, int) PULSEPIN_WITHIN {
        const Lanes blue = p.blue, green = p.green, red = p.red;
        p.blue = m(0, 0) * blue + m(0, 1) * green + m(0, 2) * red + m(0, 3) * p.alpha;
        p.green = m(1, 0) * blue + m(1, 1) * green + m(1, 2) * red + m(1, 3) * p.alpha;
        p.red = m(2, 0) * blue + m(2, 1) * green + m(2, 2) * red + m(2, 3) * p.alpha;
    });
}

void look_up(cv::Mat& image, const std::array<unsigned char, 256>& table) {
    for (int y = 0; y < image.rows; ++y) {
        auto* pixel = image.ptr<cv::Vec4b>(y);
        for (const auto* end = pixel + image.cols; pixel != end; ++pixel) {
            const unsigned alpha = (*pixel)[3];
            if (alpha == 255) {
                for (int c = 0; c < 3; ++c)
                    (*pixel)[c] = table[(*pixel)[c]];
            } else if (alpha > 0) {
                for (int c = 0; c < 3; ++c) {
                    const unsigned free = ((*pixel)[c] * 255u + alpha / 2) / alpha;
                    (*pixel)[c] = static_cast<uchar>((table[std::min(free, 255u)] * alpha + 127) / 255);
                }
            }
        }
    }
}

PULSEPIN_WIDE void add_light(cv::Mat& image, const cv::Mat& light, Colour colour, double strength) {
    const cv::Scalar channels = channels_of(colour);
    const auto blue = static_cast<float>(channels[0] * strength),
               green = static_cast<float>(channels[1] * strength),
               red = static_cast<float>(channels[2] * strength);
    change_pixels(image, [&](PixelLanes& p, int x, int y) PULSEPIN_WITHIN {
        Lanes lit{};
        read_lanes(light.ptr<float>(y), x, image.cols, lit);
        lit *= p.alpha;
        p.blue += lit * blue;
        p.green += lit * green;
        p.red += lit * red;
    });
}

} // namespace pulsepin
