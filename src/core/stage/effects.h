// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "stage/layer_values.h"

#include <span>
#include <string_view>

namespace pulsepin {

/// Where a layer is put; in pixels of the whole picture, from its middle.
struct Placement {
    double x = 0, y = 0, scale = 1, rotation = 0, opacity = 1;
    double pivot_x = 0, pivot_y = 0; ///< what it turns and grows about, in its own pixels from its middle
};

/// An effect as data: parameters, of which the first tells whether it does anything, and what they do to a
/// layer's place. What they do to its pixels stands in render/effects, by the effect's id.
struct EffectRow {
    std::string_view id;
    std::string_view label;
    ParamSpecs parameters;
    /// How much earlier its lane usually acts (common practice).
    std::string_view usual_lead;
    /// May be missing. The same values and time always do the same.
    void (*place)(Placement&, const LayerValues&, double seconds) = nullptr;
    std::string_view rate = {}; ///< the parameter that says how often a second it turns, if one does
    bool coloured = false;      ///< it takes the colour of the trigger that starts it
};

/// In the order in which they act on a layer.
[[nodiscard]] std::span<const EffectRow> effects();
/// Null when there is none of that id.
[[nodiscard]] const EffectRow* effect(std::string_view id);
/// The effect that a parameter belongs to; null for those of the place.
[[nodiscard]] const EffectRow* effect_of_parameter(std::string_view parameter);
[[nodiscard]] bool acts(const EffectRow& effect, const LayerValues& values);

/// Where values put a layer at a time, its effects included.
[[nodiscard]] Placement placement_of(const LayerValues& values, double seconds);

// One row each, in a file of its own.
extern const EffectRow exposure_effect, tint_effect, blur_effect, glow_effect, shake_effect, flash_effect,
    strobe_effect;

} // namespace pulsepin
