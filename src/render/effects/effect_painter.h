// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "stage/effects.h"

#include <QImage>
#include <functional>
#include <opencv2/core.hpp>
#include <span>
#include <string_view>

namespace pulsepin {

struct EffectContext {
    const EffectValues& values;
    double pixel;       ///< of the whole picture, in pixels of the image at hand
    cv::Point2d middle; ///< of the picture, in the image at hand
    cv::Size2d picture; ///< its size there
    double seconds;     ///< that what turns counts from
    double reach = 0;   ///< pixels that the image goes beyond what the layer fills
};

/// What an effect does to pixels. The same values always do the same.
struct EffectPainter {
    std::string_view effect; ///< the id of its row in stage/effects.h
    /// image: eight bits a channel, blue, green, red, alpha, premultiplied.
    void (*paint)(cv::Mat& image, const EffectContext&);
    /// How far from what the layer fills it paints, in the picture's pixels; null: not beyond.
    double (*reach)(const EffectValues&) = nullptr;
    bool depends_on_time = false; ///< what it does to the same image with the same values
};

/// Null for effects that only move a layer.
[[nodiscard]] const EffectPainter* painter_of(std::string_view effect);

// One each, in a file of its own.
extern const EffectPainter colour_key_painter, soft_edge_painter, drop_shadow_painter, exposure_painter,
    contrast_painter, saturation_painter, hue_painter, levels_painter, tint_painter, posterise_painter,
    blur_painter, streak_painter, rush_painter, sharpen_painter, glow_painter, shift_painter, bulge_painter,
    ripple_painter, mirror_painter, edges_painter, grain_painter, vignette_painter, flare_painter,
    leak_painter, flash_painter, strobe_painter;

/// A colour in the order of an image's channels, 0 to 1, opaque.
[[nodiscard]] cv::Scalar channels_of(Colour colour);
/// Gaussian, edges held; wide ones at a smaller size, to three levels. One channel or four.
void blur_in_place(cv::Mat& image, double sigma);
/// Over the image lies itself, moved (bilinear, edges held), as so much of what is seen then. `image` is
/// another one afterwards. Of many that are laid over each other every other one is rounded down at a half,
/// so that none grows lighter.
void lay_moved_over(cv::Mat& image, cv::Point2d by, double share, bool round_down = false);
/// Each colour becomes a mixture of all: out = matrix * (b, g, r, alpha).
void mix_colours(cv::Mat& image, const cv::Matx44f& matrix);
/// Each colour of a pixel, freed of its alpha, becomes what the table of 256 says.
void look_up(cv::Mat& image, const std::array<unsigned char, 256>& table);
/// Each pixel from where the map says (bilinear; beyond the edge what lies there).
void bend(cv::Mat& image, const std::function<cv::Point2d(cv::Point2d)>& from);
/// Light, one value a pixel from 0 to 1, added in a colour where the image is.
void add_light(cv::Mat& image, const cv::Mat& light, Colour colour, double strength);

/// Weights of brightness, ITU-R BT.709, in the order of an image's channels.
inline constexpr float luma[3] = {0.0722f, 0.7152f, 0.2126f};

} // namespace pulsepin
