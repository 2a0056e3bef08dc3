// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

#include "model/stage_edits.h"
#include "stage/layer_parameters.h"

#include <algorithm>
#include <array>
#include <unordered_map>
#include <vector>

namespace pulsepin {
namespace {

const std::array table{
    &colour_key_effect, &soft_edge_effect, &drop_shadow_effect, &exposure_effect, &contrast_effect,
    &saturation_effect, &hue_effect,       &levels_effect,      &tint_effect,     &posterise_effect,
    &blur_effect,       &streak_effect,    &rush_effect,        &sharpen_effect,  &glow_effect,
    &shift_effect,      &bulge_effect,     &ripple_effect,      &mirror_effect,   &edges_effect,
    &grain_effect,      &vignette_effect,  &flare_effect,       &leak_effect,     &shake_effect,
    &punch_effect,      &flash_effect,     &strobe_effect,      &echo_effect};

std::vector<EffectRow> in_order() {
    std::vector<EffectRow> rows;
    for (const auto* row : table)
        rows.push_back(*row);
    return rows;
}

std::vector<ParamSpec> all_parameters() {
    std::vector<ParamSpec> all;
    const auto add = [&](ParamSpecs specs) {
        for (const auto& spec : specs)
            if (!find_param(all, spec.id)) // several kinds of layers share some
                all.push_back(spec);
    };
    add(place_parameters());
    add(matte_parameters());
    for (const LayerKind kind : layer_kinds())
        add(kind->parameters);
    for (const auto* row : table)
        add(row->parameters);
    return all;
}

using ByParameter = std::unordered_map<std::string_view, const EffectRow*>;

ByParameter rows_by_parameter() {
    ByParameter rows;
    for (const auto& row : effects())
        for (const auto& spec : row.parameters)
            rows[spec.id] = &row;
    return rows;
}

} // namespace

std::span<const EffectRow> effects() {
    static const std::vector<EffectRow> rows = in_order();
    return rows;
}

const EffectRow* effect(std::string_view id) {
    const auto rows = effects();
    const auto found =
        std::find_if(rows.begin(), rows.end(), [id](const EffectRow& row) { return row.id == id; });
    return found == rows.end() ? nullptr : &*found;
}

ParamSpecs layer_parameters() {
    static const std::vector<ParamSpec> all = all_parameters();
    return all;
}

const ParamSpec* layer_parameter(std::string_view id) {
    static const auto by_id = [] {
        std::unordered_map<std::string_view, const ParamSpec*> specs;
        for (const auto& spec : layer_parameters())
            specs[spec.id] = &spec;
        return specs;
    }();
    const auto found = by_id.find(base_parameter(id));
    return found == by_id.end() ? nullptr : found->second;
}

const EffectRow* effect_of_parameter(std::string_view id) {
    static const ByParameter rows = rows_by_parameter();
    const auto found = rows.find(base_parameter(id));
    return found == rows.end() ? nullptr : found->second;
}

bool acts(const EffectRow& effect, const LayerValues& values, int number) {
    const EffectValues own(values, number);
    const auto amounts = effect.parameters.first(static_cast<std::size_t>(effect.amounts));
    return std::any_of(amounts.begin(), amounts.end(),
                       [&](const ParamSpec& amount) { return own.of(amount.id) != amount.initial; });
}

std::vector<ActingEffect> acting_effects(const LayerValues& values) {
    std::vector<ActingEffect> acting;
    std::vector<const EffectRow*> placed;
    for (const auto& use : values.uses()) {
        const auto* row = effect(use.effect);
        if (row && use.number == 1)
            placed.push_back(row);
        if (row && !use.off && acts(*row, values, use.number))
            acting.push_back({row, use.number});
    }
    for (const auto& row : effects())
        if (std::find(placed.begin(), placed.end(), &row) == placed.end() && acts(row, values))
            acting.push_back({&row, 1});
    return acting;
}

Placement placement_of(const LayerValues& values, double seconds) {
    Placement placement{values.of("position-x"), values.of("position-y"),    values.of("scale") / 100,
                        values.of("rotation"),   values.of("opacity") / 100, values.of("pivot-x"),
                        values.of("pivot-y"),    values.of("scale-x") / 100, values.of("scale-y") / 100,
                        values.of("skew")};
    for (const auto& [row, number] : acting_effects(values))
        if (row->place)
            row->place(placement, EffectValues(values, number), seconds);
    return placement;
}

LayerValues::LayerValues(const Layer& layer)
    : given_(layer.values.begin(), layer.values.end()), colours_(layer.colours.begin(), layer.colours.end()),
      options_(layer.options.begin(), layer.options.end()), uses_(layer.effects) {
    if (layer.kind->drawn)
        colours_["colour"] = layer.colour;
}

double LayerValues::of(std::string_view id) const {
    const auto* row = layer_parameter(id);
    if (!row)
        return 0;
    const auto given = given_.find(id);
    return given == given_.end() ? row->initial : std::clamp(given->second, row->least, row->most);
}

std::optional<Colour> LayerValues::given_colour(std::string_view id) const {
    const auto given = colours_.find(id);
    return given == colours_.end() ? std::nullopt : std::optional(given->second);
}

Colour LayerValues::colour(std::string_view id) const {
    if (const auto given = given_colour(id))
        return *given;
    const auto* row = layer_parameter(id);
    return row ? std::get<Colour>(initial_value(*row)) : Colour{};
}

std::string LayerValues::option(std::string_view id) const {
    if (const auto given = options_.find(id); given != options_.end())
        return given->second;
    const auto* row = layer_parameter(id);
    return row ? std::get<std::string>(initial_value(*row)) : std::string();
}

std::optional<Colour> LayerValues::light(std::string_view effect) const {
    const auto given = lights_.find(effect);
    return given == lights_.end() ? std::nullopt : std::optional(given->second);
}

double LayerValues::turns(std::string_view rate, double seconds) const {
    const auto given = turns_.find(rate);
    return given == turns_.end() ? seconds * of(rate) : given->second;
}

std::string EffectValues::named(std::string_view id) const {
    return parameter_id(id, number_);
}

} // namespace pulsepin
