// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/layer_parameters.h"

#include "model/place_parameters.h"
#include "model/stage_edits.h"
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec mattes[] = {
    {.id = "matte-amount",
     .label = "matte",
     .unit = "%",
     .least = 0,
     .most = 100,
     .initial = 100,
     .explains = "how far a wipe has opened, or how much a matte holds back",
     .usual_low = 0,
     .usual_high = 100},
    {.id = "matte-soft",
     .label = "matte softness",
     .unit = "%",
     .least = 0,
     .most = 100,
     .initial = 8,
     .usual_low = 0,
     .usual_high = 40},
    {.id = "matte-angle",
     .label = "matte angle",
     .unit = "°",
     .least = -3600,
     .most = 3600,
     .initial = 0,
     .explains = "the way in which a wipe opens; 0 is from left to right",
     .usual_low = 0,
     .usual_high = 90},
    {.id = "matte-x",
     .label = "matte x",
     .unit = "px",
     .least = -10000,
     .most = 10000,
     .initial = 0,
     .explains = "the middle of a round wipe",
     .usual_low = -200,
     .usual_high = 200},
    {.id = "matte-y",
     .label = "matte y",
     .unit = "px",
     .least = -10000,
     .most = 10000,
     .initial = 0,
     .usual_low = -200,
     .usual_high = 200},
};

constexpr BlendMode modes[] = {
    {"normal", "normal"},   {"add", "add"},         {"multiply", "multiply"}, {"screen", "screen"},
    {"overlay", "overlay"}, {"lighten", "lighten"}, {"darken", "darken"},     {"difference", "difference"}};

} // namespace

ParamSpecs matte_parameters() {
    return mattes;
}

std::span<const BlendMode> blend_modes() {
    return modes;
}

std::vector<LayerParameter> parameters_of(const Layer& layer) {
    std::vector<LayerParameter> all;
    const auto add = [&](ParamSpecs specs, std::string_view group, int number = 1) {
        for (const auto& spec : specs)
            all.push_back({parameter_id(spec.id, number), &spec, group, number});
    };
    if (layer.kind->drawn) // what it is comes first
        add(layer.kind->parameters, layer.kind->label);
    add(place_parameters(), {});
    if (!layer.kind->drawn)
        add(layer.kind->parameters, layer.kind->label);
    if (layer.matte.kind != Matte::Kind::None)
        add(mattes, "Matte");
    for (const auto& use : layer.effects)
        if (const auto* row = effect(use.effect))
            add(row->parameters, row->label, use.number);
    return all;
}

} // namespace pulsepin
