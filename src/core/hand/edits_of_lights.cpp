// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/edit_tables.h"
#include "hand/light_hand.h"
#include "hand/named_things.h"
#include "kinds/kinds.h"
#include "lights/lamp_points.h"
#include "model/lane_edits.h"
#include "model/rig_edits.h"
#include "model/rig_properties.h"
#include "schedule/add_pin.h"

namespace pulsepin::edit_tables {
namespace {

using Request = HandEditRequest;
using Outcome = Result<HandEdited>;

/// Lamps and groups by their names, parted by commas; none where none is named, which stands for all.
Result<std::vector<LampId>> lamps_told(const Request& request) {
    const Rig& rig = *request.project().rig;
    std::vector<LampId> lamps;
    std::string_view text = request.values.text("lamps");
    while (!text.empty()) {
        const auto comma = std::min(text.find(','), text.size());
        const auto first = text.find_first_not_of(' ');
        std::string name(text.substr(std::min(first, comma), comma - std::min(first, comma)));
        while (name.ends_with(' '))
            name.pop_back();
        text.remove_prefix(std::min(comma + 1, text.size()));
        if (name.empty())
            continue;
        const auto group = std::ranges::find(rig.groups, name, &LampGroup::name);
        const auto lamp = std::ranges::find(rig.fixtures, name, &Fixture::name);
        if (group != rig.groups.end())
            lamps.push_back(group->id);
        else if (lamp != rig.fixtures.end())
            lamps.push_back(lamp->id);
        else
            return fail("There is no lamp or group called \"" + name + "\".", {},
                        rig.groups.empty() ? std::string("Add lamps first.")
                                           : "There are: " + listed(rig.groups, &LampGroup::name) + ".");
    }
    return lamps;
}

/// The lane that is named, or the first of lights; one is added where there is none.
Result<std::pair<Project, LaneId>> lights_told(const Request& request) {
    const LaneKind kind = kind_of(body_type<LightBody>);
    if (!request.values.text("lane").empty()) {
        const auto lane = lane_told(request);
        if (!lane)
            return tl::unexpected(lane.error());
        if (!holds<LightBody>(request.project().lane(*lane)->kind))
            return fail("\"" + request.values.text("lane") + "\" is no lane of lights.");
        return std::pair(request.project(), *lane);
    }
    if (const Lane* lane = request.project().first_lane(kind))
        return std::pair(request.project(), lane->id);
    Project with = with_lane(request.project(), kind, std::string(kind->plural));
    const LaneId made = with.lanes.back()->id;
    return std::pair(std::move(with), made);
}

/// Both.
struct LampsAndLights {
    std::vector<LampId> lamps;
    Project project;
    LaneId lights;
};
Result<LampsAndLights> lamps_and_lights(const Request& request) {
    auto lamps = lamps_told(request);
    auto lights = lights_told(request);
    if (!lamps || !lights)
        return tl::unexpected(!lamps ? lamps.error() : lights.error());
    return LampsAndLights{*std::move(lamps), std::move(lights->first), lights->second};
}

/// As it is told, the rest as it usually is.
LightBody brush_told(const ParamValues& values) {
    PinBody body = LightBody{};
    for (const auto& property : kind_of(body_type<LightBody>)->properties)
        if (const auto* value = values.find(property.spec.id))
            property.set(body, *value);
    LightBody brush = body_of<LightBody>(body);
    if (values.find("colour-to"))
        brush.to = values.colour("colour-to");
    return brush;
}

Outcome add_lamps(const Request& request) {
    LampArrangement arrangement;
    for (const auto& property : arrangement_properties())
        if (const auto* value = request.values.find(property.spec.id))
            property.set(arrangement, *value);
    if (request.values.text("file").empty())
        return edited_as(with_lamps(request.project(), arrangement));
    const auto points = lamp_points(request.values.text("file"));
    if (!points)
        return tl::unexpected(points.error());
    const auto& settings = *request.project().settings;
    std::vector<std::pair<double, double>> places;
    for (const auto& point :
         fitted(*points, 80, static_cast<double>(settings.picture_width) / settings.picture_height))
        places.emplace_back(point.x, point.y);
    return edited_as(with_prop(request.project(), arrangement.name, places, arrangement.like));
}

Outcome delete_lamps(const Request& request) {
    const auto lamps = lamps_told(request);
    if (!lamps)
        return tl::unexpected(lamps.error());
    if (lamps->empty())
        return fail("No lamp is named.", {}, "Name lamps or groups.");
    return HandEdited{without_lamps(request.project(), *lamps)};
}

Outcome light(const Request& request) {
    const auto told = lamps_and_lights(request);
    if (!told)
        return tl::unexpected(told.error());
    const auto& [lamps, project, lights] = *told;
    return edited_as(
        with_light(project, lights, lamps, anchor_at(project, request.landing), brush_told(request.values)));
}

Outcome light_beats(const Request& request) {
    const auto told = lamps_and_lights(request);
    if (!told)
        return tl::unexpected(told.error());
    const auto& [lamps, project, lights] = *told;
    const auto& grid = request.project().grid;
    if (!grid)
        return fail("There are no beats yet.", {}, "Detect them first.");
    const auto bars = static_cast<std::int64_t>(request.values.number("bars"));
    const Ticks at = grid->nearest_tick(request.at);
    const auto bar = grid->position_of(at).bar;
    const auto lit = lit_on_beats(
        project, lights, lamps, grid->ticks_of({bar, 1}), grid->ticks_of({bar + bars, 1}),
        Ticks(std::llround(request.values.number("every") * ticks_per_beat)), brush_told(request.values));
    if (!lit)
        return tl::unexpected(lit.error());
    HandEdited edited{lit->project};
    edited.count = lit->count;
    edited.told = "%2 lights";
    return edited;
}

Outcome dark(const Request& request) {
    const auto told = lamps_and_lights(request);
    if (!told)
        return tl::unexpected(told.error());
    const auto& [lamps, project, lights] = *told;
    const double frame = request.at.value * request.project().settings->frame_rate.per_second() + 1e-6;
    return edited_as(without_lights_at(request.schedule, lights, request.project().rig->members(lamps),
                                       std::floor(frame)));
}

Outcome recolour(const Request& request) {
    const auto told = lamps_and_lights(request);
    if (!told)
        return tl::unexpected(told.error());
    const auto& [lamps, project, lights] = *told;
    std::vector<PinId> pins(request.pins.begin(), request.pins.end());
    for (const LampId lamp : lamps)
        for (const PinId pin : lights_of_group(request.project(), lights, lamp))
            pins.push_back(pin);
    if (pins.empty())
        return fail("There is nothing to recolour.", {}, "Name lamps or groups, or select lights.");
    HandEdited edited{recoloured(request.project(), pins, request.values.colour("colour"))};
    edited.count = pins.size();
    edited.told = "%2 lights";
    return edited;
}

Outcome swap(const Request& request) {
    const auto lamps = lamps_told(request);
    if (!lamps)
        return tl::unexpected(lamps.error());
    if (lamps->size() != 2)
        return fail("Two lamps or two groups change places.", {}, "Name two: lamps=\"far 1, far 2\".");
    return HandEdited{with_rows_swapped(request.project(), (*lamps)[0], (*lamps)[1])};
}

Outcome drive(const Request& request) {
    const auto told = lamps_and_lights(request);
    if (!told)
        return tl::unexpected(told.error());
    const auto& [lamps, project, lights] = *told;
    LaneId by{};
    if (const auto& name = request.values.text("by"); !name.empty()) {
        const auto& lanes = request.project().lanes;
        const auto found = std::ranges::find_if(lanes, [&](const auto& lane) { return lane->name == name; });
        if (found == lanes.end())
            return fail("There is no lane called \"" + name + "\".", {}, "Name one with a curve.");
        by = (*found)->id;
    }
    Project next = project;
    for (const LampId lamp : lamps.empty() ? std::vector{LampId{}} : lamps) {
        auto driven = with_drive(next, lights, lamp, by);
        if (!driven)
            return tl::unexpected(driven.error());
        next = *std::move(driven);
    }
    return HandEdited{std::move(next)};
}

Outcome patch(const Request& request) {
    const auto lamps = lamps_told(request);
    if (!lamps)
        return tl::unexpected(lamps.error());
    return edited_as(patched(request.project(), *lamps, static_cast<int>(request.values.number("universe")),
                             static_cast<int>(request.values.number("channel"))));
}

Outcome output(const Request& request) {
    const bool told = request.values.find("which");
    const auto at = static_cast<std::size_t>(told ? std::max(1.0, request.values.number("which")) : 1);
    return edited_as(with_rig(request.project(), [&](Rig& rig) {
        if (at > rig.outputs.size())
            rig.outputs.resize(at);
        for (const auto& property : output_properties())
            if (const auto* value = request.values.find(property.spec.id))
                property.set(rig.outputs[at - 1], *value);
    }));
}

Outcome rig(const Request& request) {
    return edited_as(with_rig(request.project(), [&](Rig& all) {
        if (request.values.find("dimmer"))
            all.dimmer = request.values.number("dimmer");
        if (request.values.find("dark-at-start"))
            all.dark_at_start = request.values.flag("dark-at-start");
    }));
}

constexpr ParamSpec lamps{.id = "lamps",
                          .label = "lamps",
                          .type = ParamType::Text,
                          .explains = "lamps and groups by their names, parted by commas; empty: all"};
constexpr ParamSpec lane{.id = "lane",
                         .label = "lane",
                         .type = ParamType::Text,
                         .explains = "of lights, by its name; empty: the first, or a new one"};

/// Those of lights, after some of one's own.
std::vector<ParamSpec> with_brush(std::vector<ParamSpec> own) {
    for (const auto& property : kind_of(body_type<LightBody>)->properties)
        own.push_back(property.spec);
    return own;
}

ParamSpecs arranging() {
    static const auto all = [] {
        auto specs = specs_of(arrangement_properties());
        specs.push_back({.id = "file",
                         .label = "prop from a file",
                         .type = ParamType::Text,
                         .explains = "a table of x and y, or an SVG drawing: a lamp at each point"});
        return specs;
    }();
    return all;
}
ParamSpecs lighting() {
    static const auto all = with_brush({lamps, lane});
    return all;
}
ParamSpecs lighting_beats() {
    static const auto all = with_brush(
        {lamps,
         lane,
         {.id = "every", .label = "every", .unit = "beats", .least = 1.0 / 16, .most = 64, .initial = 1},
         {.id = "bars",
          .label = "bars",
          .type = ParamType::Whole,
          .least = 1,
          .most = 10'000,
          .initial = 1,
          .explains = "from the one at the playhead on"}});
    return all;
}
ParamSpecs outputs() {
    static const auto all = [] {
        auto specs = specs_of(output_properties());
        specs.insert(specs.begin(), {.id = "which",
                                     .label = "output",
                                     .type = ParamType::Whole,
                                     .least = 1,
                                     .most = 100,
                                     .initial = 1,
                                     .explains = "which, counted from 1; one more is added"});
        return specs;
    }();
    return all;
}
constexpr ParamSpec lamps_only[] = {lamps};
constexpr ParamSpec lamps_and_lane[] = {lamps, lane};
constexpr ParamSpec recolouring[] = {
    lamps,
    lane,
    {.id = "colour", .label = "colour", .type = ParamType::Colour, .most = 1, .initial = 0xf4b331}};
constexpr ParamSpec driving[] = {lamps,
                                 lane,
                                 {.id = "by",
                                  .label = "driven by",
                                  .type = ParamType::Text,
                                  .explains = "a lane with a curve, by its name; empty: by nothing"}};
constexpr ParamSpec patching[] = {
    lamps,
    {.id = "universe",
     .label = "universe",
     .type = ParamType::Whole,
     .least = 1,
     .most = 63'999,
     .initial = 1},
    {.id = "channel", .label = "channel", .type = ParamType::Whole, .least = 1, .most = 512, .initial = 1}};
constexpr ParamSpec of_rig[] = {{.id = "dimmer", .label = "dimmer", .unit = "%", .most = 100, .initial = 100},
                                {.id = "dark-at-start",
                                 .label = "dark at the start",
                                 .type = ParamType::Switch,
                                 .most = 1,
                                 .initial = 1}};

} // namespace

std::span<const HandEdit> of_lights() {
    static const HandEdit all[] = {
        {.id = "add-lamps", .label = "add lamps", .run = add_lamps, .parameters = arranging()},
        {.id = "delete-lamps", .label = "delete lamps", .run = delete_lamps, .parameters = lamps_only},
        {.id = "patch-lamps", .label = "patch lamps", .run = patch, .parameters = patching},
        {.id = "light", .label = "light lamps", .run = light, .parameters = lighting()},
        {.id = "light-beats",
         .label = "light lamps on beats",
         .run = light_beats,
         .parameters = lighting_beats()},
        {.id = "dark", .label = "make lamps dark", .run = dark, .parameters = lamps_and_lane},
        {.id = "recolour-lights", .label = "recolour lights", .run = recolour, .parameters = recolouring},
        {.id = "swap-lamps", .label = "swap rows of lamps", .run = swap, .parameters = lamps_only},
        {.id = "drive-lamps", .label = "drive lamps", .run = drive, .parameters = driving},
        {.id = "output", .label = "change output", .run = output, .parameters = outputs(), .as_given = true},
        {.id = "rig", .label = "change lamps", .run = rig, .parameters = of_rig, .as_given = true},
    };
    return all;
}

} // namespace pulsepin::edit_tables
