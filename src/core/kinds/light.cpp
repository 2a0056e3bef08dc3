// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/act_fields.h"
#include "kinds/kinds.h"
#include "model/fields.h"
#include "model/rig.h"
#include "schedule/lane_spans.h"
#include "schedule/variation.h"

namespace pulsepin {
namespace {

std::span<const ParamChoice> patterns() {
    static constexpr ParamChoice all[] = {
        {"together", "together"},    {"by-turns", "by turns"},
        {"across", "left to right"}, {"from-middle", "out from the middle"},
        {"at-random", "at random"},  {"one-by-one", "one after another over its length"}};
    return all;
}

constexpr Length::Unit units[] = {Length::Unit::InBeats,        Length::Unit::InFrames,
                                  Length::Unit::InMilliseconds, Length::Unit::UntilNext,
                                  Length::Unit::ToSectionEnd,   Length::Unit::ToEnd};

/// One colour throughout stays one.
PinProperty from_colour() {
    auto from = property<PinBody, &LightBody::from>(
        {.id = "colour-from", .label = "from", .type = ParamType::Colour, .most = 1, .initial = 0xf4b331},
        {.name = "from_colour", .presence = Fields::required});
    from.set = [](PinBody& body, const ParamValue& value) {
        auto& light = body_of<LightBody>(body);
        const bool one = light.from == light.to;
        light.from = std::get<Colour>(value);
        if (one)
            light.to = light.from;
    };
    return from;
}

std::span<const PinProperty> properties() {
    static const PinProperty all[] = {
        property<PinBody, &LightBody::length>({.id = "length",
                                               .label = "lasts",
                                               .type = ParamType::Length,
                                               .most = limits::length_amount.most,
                                               .initial = 1,
                                               .units = units},
                                              {.name = "lasts"}),
        from_colour(),
        property<PinBody, &LightBody::to>(
            {.id = "colour-to", .label = "to", .type = ParamType::Colour, .most = 1, .initial = 0xf4b331},
            {.name = "to_colour", .presence = Fields::required}),
        property<PinBody, &LightBody::strength>(
            {.id = "strength", .label = "strength", .unit = "%", .most = 100, .initial = 100},
            {.name = "strength", .presence = Fields::required, .range = limits::percent}),
        property<PinBody, &LightBody::attack>({.id = "attack",
                                               .label = "attack",
                                               .unit = "%",
                                               .most = 100,
                                               .explains = "of its length, until it is full"},
                                              {.name = "attack", .range = limits::percent}),
        property<PinBody, &LightBody::fall>({.id = "fall",
                                             .label = "fall",
                                             .unit = "%",
                                             .most = 100,
                                             .explains = "of its length, in which it goes out"},
                                            {.name = "fall", .range = limits::percent}),
        choice_property<PinBody, patterns, &LightBody::pattern>({.id = "pattern", .label = "pattern"},
                                                                {.name = "pattern"}),
        property<PinBody, &LightBody::each>(
            {.id = "each",
             .label = "each after",
             .unit = "beats",
             .most = 64,
             .initial = 0.5,
             .explains = "from a lamp's turn to the next one's"},
            {.name = "each_beats", .presence = Fields::required, .range = limits::length_amount}),
        property<PinBody, &LightBody::backwards>({.id = "backwards",
                                                  .label = "backwards",
                                                  .type = ParamType::Switch,
                                                  .most = 1,
                                                  .explains = "the pattern runs the other way"},
                                                 {.name = "backwards"}),
        property<PinBody, &LightBody::seed>(
            {.id = "seed",
             .label = "chance",
             .type = ParamType::Whole,
             .most = 9999,
             .initial = 1,
             .explains = "another number, another order"},
            {.name = "seed", .presence = Fields::required, .whole = limits::seed}),
    };
    return all;
}

void more_fields(Fields& f, PinBody& body) {
    auto& light = body_of<LightBody>(body);
    f.about("lamps and groups of the rig; none: all")
        .items<LampId>(
            "on", "lit-lamp", light.on, [](Fields& g, LampId& id) { g.id("lamp", id.value); }, limits::many,
            Fields::optional);
    f.about("of its strength, instead of attack and fall");
    points_of(f, "course", light.course);
}

bool may_set(std::string_view id, const PinBody& body, const Project&) {
    const auto& light = body_of<LightBody>(body);
    using Pattern = LightBody::Pattern;
    if (id == "attack" || id == "fall")
        return light.course.empty();
    if (id == "each")
        return light.pattern != Pattern::Together && light.pattern != Pattern::OneByOne;
    if (id == "backwards")
        return light.pattern != Pattern::Together;
    return id != "seed" || light.pattern == Pattern::AtRandom;
}

Result<PlacedBodies> bodies(const Project&, const Lane&, std::span<const Picked> places,
                            const PlantingForm& form) {
    LightBody base;
    if (const auto* given = body_if<LightBody>(&form.body))
        base = *given;
    const Variation variation = form.variation();
    PlacedBodies bodies;
    bodies.reserve(places.size());
    for (std::size_t i = 0; i < places.size(); ++i) {
        const double way = way_of(places, i);
        LightBody body = base;
        body.strength = std::clamp(strength_for(variation, base.strength, places[i], i, way), 0.0, 100.0);
        body.from = colour_for(variation, base.from, places[i].at, i, way);
        if (base.to == base.from) // one colour throughout stays one
            body.to = body.from;
        bodies.push_back(body);
    }
    return bodies;
}

void spans(const Project& project, const Lane& lane, const ResolvedLane& pins, LaneSpans& spans) {
    spans.lights = lights_of(project, lane, pins);
    spans.rows = std::max(1, static_cast<int>(rows_of(*project.rig).size()));
}

void lighting_fields(Fields& f, Lighting& lighting) {
    f.about("of several on one lamp the latest is seen; else the highest")
        .flag("latest", lighting.latest, Fields::optional);
    f.about("strengths that a curve drives")
        .items<Lighting::Drive>(
            "drives", "light-drive", lighting.drives,
            [](Fields& g, Lighting::Drive& drive) {
                g.about("a lamp or a group; missing: all").id("of", drive.of.value, Fields::optional);
                g.id("lane", drive.lane.value);
            },
            limits::few, Fields::optional);
}

std::string name_of(const PinBody& body, const Project& project) {
    const auto& light = body_of<LightBody>(body);
    if (light.on.empty())
        return "all lamps";
    const std::string name = project.rig->name_of(light.on.front());
    return light.on.size() == 1 ? name : name + " and " + std::to_string(light.on.size() - 1) + " more";
}

constexpr LanePartRow parts[] = {lane_part<Lighting, lighting_fields>("lighting", "lighting")};

} // namespace

const LaneKindRow kinds::light_row{
    .id = "lights",
    .plural = "Lights",
    .singular = "light",
    .counted = "lights",
    .from_the_start = false,
    .pin_body = body_type<LightBody>,
    .empty_body = [] { return PinBody(LightBody{}); },
    .name_of = name_of,
    .colour_of = [](const PinBody& body) { return PinColour(body_of<LightBody>(body).from); },
    .properties = properties(),
    .more_fields = more_fields,
    .may_set = may_set,
    .parts = parts,
    .spans = spans,
    .bodies = bodies,
};

} // namespace pulsepin
