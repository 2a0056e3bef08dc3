// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "stage/layer_values.h"

#include <span>
#include <string_view>
#include <vector>

namespace pulsepin {

/// Where a layer is put; in pixels of the whole picture, from its middle.
struct Placement {
    double x = 0, y = 0, scale = 1, rotation = 0, opacity = 1;
    double pivot_x = 0, pivot_y = 0; ///< what it turns and grows about, in its own pixels from its middle
    double scale_x = 1, scale_y = 1; ///< besides the scale
    double skew = 0;                 ///< degrees
    friend bool operator==(const Placement&, const Placement&) = default;
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
    void (*place)(Placement&, const EffectValues&, double seconds) = nullptr;
    std::string_view rate = {};     ///< the parameter that says how often a second it turns, if one does
    bool coloured = false;          ///< it takes the colour of the trigger that starts it
    int amounts = 1;                ///< so many of the first parameters tell whether it does anything
    bool changes_pixels = false;    ///< besides what it does to the place, if it does
    bool of_earlier_frames = false; ///< it shows frames that have been
};

/// In the order in which they are offered, and act where a layer does not say otherwise.
[[nodiscard]] std::span<const EffectRow> effects();
/// Null when there is none of that id.
[[nodiscard]] const EffectRow* effect(std::string_view id);
/// The effect that a parameter belongs to; null for others.
[[nodiscard]] const EffectRow* effect_of_parameter(std::string_view parameter);

/// An effect of a layer at a moment.
struct ActingEffect {
    const EffectRow* row = nullptr;
    int number = 1;
};
/// The effects that do something, in the order in which they act.
[[nodiscard]] std::vector<ActingEffect> acting_effects(const LayerValues& values);
[[nodiscard]] bool acts(const EffectRow& effect, const LayerValues& values, int number = 1);

/// Where values put a layer at a time, its effects included.
[[nodiscard]] Placement placement_of(const LayerValues& values, double seconds);

// One row each, in a file of its own.
extern const EffectRow colour_key_effect, soft_edge_effect, drop_shadow_effect, exposure_effect,
    contrast_effect, saturation_effect, hue_effect, levels_effect, tint_effect, posterise_effect, blur_effect,
    streak_effect, rush_effect, sharpen_effect, glow_effect, shake_effect, punch_effect, shift_effect,
    bulge_effect, ripple_effect, mirror_effect, edges_effect, grain_effect, vignette_effect, flare_effect,
    leak_effect, flash_effect, strobe_effect, echo_effect;

} // namespace pulsepin
