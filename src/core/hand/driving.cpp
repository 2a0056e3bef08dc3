// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/driving.h"

#include "model/stage_edits.h"
#include "stage/effects.h"
#include "stage/layer_parameters.h"
#include "stage/layer_values.h"

#include <algorithm>

namespace pulsepin {
namespace {

/// It says how much of its effect there is.
bool is_amount(std::string_view parameter) {
    const auto* effect = effect_of_parameter(parameter);
    const auto amounts =
        effect ? effect->parameters.first(static_cast<std::size_t>(effect->amounts)) : ParamSpecs{};
    return std::ranges::any_of(amounts, [&](const ParamSpec& spec) {
        return parameter_id(spec.id, number_of_parameter(parameter)) == parameter;
    });
}

/// What has a size of its own pulses on it.
Meets usual_meeting(const Project& project, const Target& target) {
    const Layer* layer = project.stage->layer(target.layer);
    const bool sized = layer && target.parameter == "scale" && layer->values.contains("scale");
    return sized ? Meets::Times : Meets::Usual;
}

} // namespace

std::string_view label_of(const Layer& layer, const ParamSpec& spec) {
    return layer.kind == layers::camera && spec.id == "scale" ? "zoom" : spec.label;
}

std::string target_name(const Project& project, const Target& target) {
    const Layer* layer = project.stage->layer(target.layer);
    if (!layer)
        return {};
    const auto* row = layer_parameter(target.parameter);
    const int number = number_of_parameter(target.parameter);
    return layer->name + " · " + (row ? std::string(label_of(*layer, *row)) : target.parameter) +
           (number == 1 ? "" : " " + std::to_string(number));
}

Feed new_feed(const Project& project, const Target& target) {
    Feed feed;
    const auto* row = layer_parameter(target.parameter);
    feed.property = target_name(project, target);
    feed.target = target;
    if (row && row->type == ParamType::Colour) {
        const Layer* layer = project.stage->layer(target.layer);
        feed.unit.clear();
        feed.low = 0;
        feed.high = 1;
        feed.low_colour = layer ? LayerValues(*layer).colour(target.parameter) : Colour{};
        return feed;
    }
    if (row && is_amount(target.parameter)) { // the effect rests, and comes with the curve
        feed.unit = row->unit;
        feed.low = row->initial;
        feed.high = row->usual_high;
        feed.limits = Feed::Limits{row->least, row->most};
    } else if (row) {
        feed.unit = row->unit;
        feed.meets = usual_meeting(project, target);
        // From what the layer has by itself, as far as is usual.
        const Layer* layer = project.stage->layer(target.layer);
        const auto own = layer ? layer->values.find(target.parameter) : decltype(layer->values.end()){};
        const double from =
            layer && own != layer->values.end() && feed.meets != Meets::Times ? own->second : row->usual_low;
        feed.low = from;
        feed.high = std::clamp(from + row->usual_high - row->usual_low, row->least, row->most);
        feed.limits = Feed::Limits{row->least, row->most};
    }
    return feed;
}

} // namespace pulsepin
