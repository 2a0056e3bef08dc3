// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/named_things.h"

#include "hand/driving.h"
#include "stage/effects.h"
#include "stage/layer_parameters.h"

#include <algorithm>
#include <charconv>
#include <cmath>

namespace pulsepin::edit_tables {
namespace {

Result<Target> target_told(const HandEditRequest& request) {
    const std::string layer = request.values.text("layer"), parameter = request.values.text("parameter");
    const auto& layers = request.project().stage->layers;
    const auto found = std::ranges::find(layers, layer, &Layer::name);
    if (found == layers.end())
        return fail("There is no layer called \"" + layer + "\".", {},
                    layers.empty() ? "Add one first." : "There are: " + listed(layers, &Layer::name) + ".");
    // Its own, or of an effect that comes with what drives it.
    const auto own = parameters_of(*found);
    if (!effect_of_parameter(parameter) &&
        std::ranges::find(own, parameter, &LayerParameter::id) == own.end())
        return fail("“" + layer + "” has no value called \"" + parameter + "\".", {},
                    "It has: " + listed(own, &LayerParameter::id) + ", and those of effects.");
    return Target{found->id, parameter};
}

/// Takes the number that is told over; leaves it where none is.
Result<void> take_number(double& number, const std::string& text) {
    if (text.empty())
        return {};
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), number);
    if (error != std::errc() || end != text.data() + text.size() || !std::isfinite(number))
        return fail("\"" + text + "\" is no number.", {}, "Write it as in 110 or 0.5.");
    return {};
}

} // namespace

Result<HandEdited> edited_as(Result<Project> next) {
    if (!next)
        return tl::unexpected(next.error());
    return HandEdited{*std::move(next)};
}

Result<LaneId> lane_told(const HandEditRequest& request) {
    const std::string wanted = request.values.text("lane");
    for (const auto& lane : request.project().lanes)
        if (lane->name == wanted)
            return lane->id;
    return fail("There is no lane called \"" + wanted + "\".", {},
                "There are: " + listed(request.project().lanes, [](const auto& lane) { return lane->name; }) +
                    ".");
}

Result<Feed> feed_told(const HandEditRequest& request) {
    const auto target = target_told(request);
    if (!target)
        return tl::unexpected(target.error());
    Feed feed = new_feed(request.project(), *target);
    for (const auto& [id, number] : {std::pair("rest", &feed.low), std::pair("peak", &feed.high)})
        if (auto taken = take_number(*number, request.values.text(id)); !taken)
            return tl::unexpected(taken.error());
    return feed;
}

} // namespace pulsepin::edit_tables
