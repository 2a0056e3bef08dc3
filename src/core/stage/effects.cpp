// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

#include <algorithm>
#include <array>
#include <vector>

namespace pulsepin {
namespace {

const std::array<const EffectRow*, 7> table{&exposure_effect, &tint_effect,  &blur_effect,  &glow_effect,
                                            &shake_effect,    &flash_effect, &strobe_effect};

std::vector<EffectRow> in_order() {
    std::vector<EffectRow> rows;
    for (const auto* row : table)
        rows.push_back(*row);
    return rows;
}

std::vector<ParamSpec> all_parameters() {
    std::vector<ParamSpec> all(place_parameters().begin(), place_parameters().end());
    for (const auto* row : table)
        all.insert(all.end(), row->parameters.begin(), row->parameters.end());
    return all;
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
    return find_param(layer_parameters(), id);
}

const EffectRow* effect_of_parameter(std::string_view id) {
    for (const auto& row : effects())
        if (find_param(row.parameters, id))
            return &row;
    return nullptr;
}

bool acts(const EffectRow& effect, const LayerValues& values) {
    const auto& first = effect.parameters.front();
    return values.of(first.id) != first.initial;
}

Placement placement_of(const LayerValues& values, double seconds) {
    Placement placement{values.of("position-x"), values.of("position-y"),    values.of("scale") / 100,
                        values.of("rotation"),   values.of("opacity") / 100, values.of("pivot-x"),
                        values.of("pivot-y")};
    for (const auto& effect : effects())
        if (effect.place && acts(effect, values))
            effect.place(placement, values, seconds);
    return placement;
}

double LayerValues::of(std::string_view id) const {
    const auto* row = layer_parameter(id);
    if (!row)
        return 0;
    const auto given = given_.find(id);
    return given == given_.end() ? row->initial : std::clamp(given->second, row->least, row->most);
}

std::optional<Colour> LayerValues::light(std::string_view effect) const {
    const auto given = lights_.find(effect);
    return given == lights_.end() ? std::nullopt : std::optional(given->second);
}

double LayerValues::turns(std::string_view rate, double seconds) const {
    const auto given = turns_.find(rate);
    return given == turns_.end() ? seconds * of(rate) : given->second;
}

} // namespace pulsepin
