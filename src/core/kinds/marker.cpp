// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/kinds.h"
#include "model/fields.h"
#include "model/marker_looks.h"
#include "schedule/picker.h"

namespace pulsepin {
namespace {

std::vector<std::string_view> ids_of(std::span<const MarkerLookRow> rows) {
    std::vector<std::string_view> ids;
    for (const auto& row : rows)
        ids.push_back(row.id);
    return ids;
}

void fields(Fields& f, PinBody& body) {
    static const auto colours = ids_of(marker_colours()), symbols = ids_of(marker_symbols());
    auto& marker = std::get<MarkerBody>(body);
    f.text("name", marker.name);
    f.text("note", marker.note, limits::note, Fields::optional);
    f.choice("colour", marker.colour, colours, Fields::optional);
    f.choice("symbol", marker.symbol, symbols, Fields::optional);
    f.length("lasts", marker.length);
}

constexpr Length::Unit units[] = {Length::Unit::None, Length::Unit::InBeats, Length::Unit::InFrames,
                                  Length::Unit::InMilliseconds};

const PinParam params[] = {
    bound<PinBody, &MarkerBody::name>({.id = "name", .label = "name", .type = ParamType::Text}),
    bound<PinBody, &MarkerBody::note>({.id = "note", .label = "note", .type = ParamType::Text}),
    bound_choice<PinBody, &MarkerBody::colour, marker_colour_choices>({.id = "colour", .label = "colour"}),
    bound_choice<PinBody, &MarkerBody::symbol, marker_symbol_choices>({.id = "symbol", .label = "symbol"}),
    bound<PinBody, &MarkerBody::length>({.id = "length",
                                         .label = "lasts",
                                         .type = ParamType::Length,
                                         .most = limits::length_amount.most,
                                         .initial = 1,
                                         .units = units}),
};

/// "#" in the name of markers becomes their number.
Result<PlacedBodies> bodies(const Project&, const Lane&, std::span<const Picked> places,
                            const PlantingForm& form) {
    MarkerBody base;
    if (const auto* given = std::get_if<MarkerBody>(&form.body))
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
    auto& marker = std::get<MarkerBody>(body);
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
    .marks = true,
    .empty_body = [] { return PinBody(MarkerBody{}); },
    .fields = fields,
    .name_of = [](const PinBody& body, const Project&) { return std::get<MarkerBody>(body).name; },
    .colour_of = [](const PinBody& body) { return PinColour(std::get<MarkerBody>(body).colour); },
    .params = params,
    .bodies = bodies,
    .adapt = adapt,
};

} // namespace pulsepin
