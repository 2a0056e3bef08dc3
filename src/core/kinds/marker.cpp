// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/kinds.h"
#include "model/fields.h"
#include "model/marker_looks.h"
#include "schedule/picker.h"

namespace pulsepin {
namespace {

constexpr Length::Unit units[] = {Length::Unit::None, Length::Unit::InBeats, Length::Unit::InFrames,
                                  Length::Unit::InMilliseconds};

const PinProperty properties[] = {
    property<PinBody, &MarkerBody::name>({.id = "name", .label = "name", .type = ParamType::Text},
                                         {.name = "name", .presence = Fields::required}),
    property<PinBody, &MarkerBody::note>({.id = "note", .label = "note", .type = ParamType::Text},
                                         {.name = "note", .most = limits::note}),
    choice_property<PinBody, marker_colour_choices, &MarkerBody::colour>({.id = "colour", .label = "colour"},
                                                                         {.name = "colour"}),
    choice_property<PinBody, marker_symbol_choices, &MarkerBody::symbol>({.id = "symbol", .label = "symbol"},
                                                                         {.name = "symbol"}),
    property<PinBody, &MarkerBody::length>({.id = "length",
                                            .label = "lasts",
                                            .type = ParamType::Length,
                                            .most = limits::length_amount.most,
                                            .initial = 1,
                                            .units = units},
                                           {.name = "lasts"}),
};

/// "#" in the name of markers becomes their number.
Result<PlacedBodies> bodies(const Project&, const Lane&, std::span<const Picked> places,
                            const PlantingForm& form) {
    MarkerBody base;
    if (const auto* given = body_if<MarkerBody>(&form.body))
        base = *given;
    PlacedBodies bodies;
    bodies.reserve(places.size());
    for (std::size_t i = 0; i < places.size(); ++i) {
        MarkerBody body = base;
        if (const auto sign = body.name.find('#'); sign != std::string::npos)
            body.name.replace(sign, 1, std::to_string(i + 1));
        bodies.push_back(body);
    }
    return bodies;
}

Result<void> adapt(PinBody& body, const Project&, const Lane& lane, std::optional<Ticks>) {
    auto& marker = body_of<MarkerBody>(body);
    marker.note.clear(); // it was said of the other one
    marker.name = "marker " + std::to_string(lane.pins.size() + 1);
    return {};
}

} // namespace

const LaneKindRow kinds::marker_row{
    .id = "markers",
    .plural = "Markers",
    .singular = "marker",
    .counted = "markers",
    .from_the_start = true,
    .pin_body = body_type<MarkerBody>,
    .empty_body = [] { return PinBody(MarkerBody{}); },
    .name_of = [](const PinBody& body, const Project&) { return body_of<MarkerBody>(body).name; },
    .colour_of = [](const PinBody& body) { return PinColour(body_of<MarkerBody>(body).colour); },
    .properties = properties,
    .bodies = bodies,
    .adapt = adapt,
};

} // namespace pulsepin
