// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "render/parameters.h"

#include <QImage>
#include <opencv2/core.hpp>
#include <span>
#include <string_view>

namespace pulsepin {

/// Where a layer is put; in pixels of the whole picture, from its middle.
struct Placement {
    double x = 0, y = 0, scale = 1, rotation = 0, opacity = 1;
};

struct EffectContext {
    const ParameterValues& values;
    double seconds; ///< of the frame
    double pixel;   ///< of the whole picture, in pixels of the image at hand
};

/// An effect: parameters, of which the first tells whether it does anything, and what they do. Either
/// function may be missing. The same values and time always do the same.
struct EffectRow {
    std::string_view id;
    std::string_view label;
    std::span<const Parameter> parameters;
    /// How much earlier its lane usually acts (common practice).
    std::string_view usual_lead;
    void (*place)(Placement&, const EffectContext&);
    /// image: eight bits a channel, blue, green, red, alpha, premultiplied.
    void (*paint)(cv::Mat& image, const EffectContext&);
    std::string_view rate = {}; ///< the parameter that says how often a second it turns, if one does
    bool coloured = false;      ///< it takes the colour of the trigger that starts it
};

[[nodiscard]] std::span<const EffectRow> effects();
/// The effect that a parameter belongs to; null for those of the place.
[[nodiscard]] const EffectRow* effect_of_parameter(std::string_view parameter);
[[nodiscard]] bool acts(const EffectRow& effect, const ParameterValues& values);

// One row each, in a file of its own.
extern const EffectRow exposure_effect, tint_effect, blur_effect, glow_effect, shake_effect, flash_effect,
    strobe_effect;

/// A colour in the order of an image's channels, 0 to 1, opaque.
[[nodiscard]] cv::Scalar channels_of(Colour colour);
/// The alpha of each pixel in all four channels.
[[nodiscard]] cv::Mat alpha_everywhere(const cv::Mat& image);
/// Gaussian, edges held; wide ones at a smaller size.
void blur_in_place(cv::Mat& image, double sigma);

} // namespace pulsepin
