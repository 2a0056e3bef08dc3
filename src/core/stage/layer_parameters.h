// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "kinds/layer_kinds.h"
#include "params/param.h"

#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace pulsepin {

/// Of what lets a layer be seen only in places: how far a wipe is, and how soft.
[[nodiscard]] ParamSpecs matte_parameters();

/// A parameter as a layer has it: of an effect's further use its id bears that one's number.
struct LayerParameter {
    std::string id;
    const ParamSpec* spec = nullptr;
    std::string_view group = {}; ///< the label of what it belongs to; empty: the layer's place
    int number = 1;
};
/// All that can be set of a layer: its place, its matte where it has one, its kind's, its effects' in their
/// order.
[[nodiscard]] std::vector<LayerParameter> parameters_of(const Layer& layer);

/// How a layer meets what lies below it (W3C Compositing and Blending Level 1; "add" is its plus-lighter).
struct BlendMode {
    std::string_view id;
    std::string_view label;
};
[[nodiscard]] std::span<const BlendMode> blend_modes();

} // namespace pulsepin
