// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "stage/effects.h"

#include <QImage>
#include <opencv2/core.hpp>
#include <span>
#include <string_view>

namespace pulsepin {

struct EffectContext {
    const LayerValues& values;
    double pixel; ///< of the whole picture, in pixels of the image at hand
};

/// What an effect does to pixels. The same values always do the same.
struct EffectPainter {
    std::string_view effect; ///< the id of its row in stage/effects.h
    /// image: eight bits a channel, blue, green, red, alpha, premultiplied.
    void (*paint)(cv::Mat& image, const EffectContext&);
};

/// Null for effects that only move a layer.
[[nodiscard]] const EffectPainter* painter_of(std::string_view effect);

// One each, in a file of its own.
extern const EffectPainter exposure_painter, tint_painter, blur_painter, glow_painter, flash_painter,
    strobe_painter;

/// A colour in the order of an image's channels, 0 to 1, opaque.
[[nodiscard]] cv::Scalar channels_of(Colour colour);
/// The alpha of each pixel in all four channels.
[[nodiscard]] cv::Mat alpha_everywhere(const cv::Mat& image);
/// Gaussian, edges held; wide ones at a smaller size.
void blur_in_place(cv::Mat& image, double sigma);

} // namespace pulsepin
