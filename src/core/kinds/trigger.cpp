// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/act_fields.h"
#include "kinds/kinds.h"
#include "model/fields.h"
#include "model/marker_looks.h"
#include "model/pin_edits.h"
#include "schedule/lane_spans.h"
#include "schedule/variation.h"

namespace pulsepin {
namespace {

void more_fields(Fields& f, PinBody& body) {
    auto& trigger = body_of<TriggerBody>(body);
    f.about("layers that it acts on; none: the camera")
        .items<LayerId>(
            "on", "acted-on", trigger.on, [](Fields& g, LayerId& id) { g.id("layer", id.value); },
            limits::few, Fields::optional);
    f.about("what it does; none: what is usual for its effect")
        .items<TriggerAct>(
            "acts", "trigger-act", trigger.acts, [](Fields& g, TriggerAct& act) { fields_of(g, act); },
            limits::few, Fields::optional);
}

constexpr Length::Unit units[] = {Length::Unit::UntilNext,    Length::Unit::InBeats,
                                  Length::Unit::InFrames,     Length::Unit::InMilliseconds,
                                  Length::Unit::ToSectionEnd, Length::Unit::ToEnd};

/// One colour throughout stays one.
PinProperty from_colour() {
    auto from = property<PinBody, &TriggerBody::from>(
        {.id = "colour-from", .label = "colour", .type = ParamType::Colour},
        {.name = "from_colour", .presence = Fields::required});
    from.set = [](PinBody& body, const ParamValue& value) {
        auto& trigger = body_of<TriggerBody>(body);
        const bool one = trigger.from == trigger.to;
        trigger.from = std::get<Colour>(value);
        if (one)
            trigger.to = trigger.from;
    };
    return from;
}

std::span<const PinProperty> properties() {
    static const PinProperty all[] = {
        property<PinBody, &TriggerBody::effect>(
            {.id = "effect",
             .label = "effect",
             .type = ParamType::Text,
             .explains = "what it starts: one of these, or a name of your own",
             .choices = trigger_effect_choices(),
             .initial_text = "flash"},
            {.name = "effect", .presence = Fields::required}),
        property<PinBody, &TriggerBody::length>({.id = "length",
                                                 .label = "lasts",
                                                 .type = ParamType::Length,
                                                 .most = limits::length_amount.most,
                                                 .initial = 1,
                                                 .units = units},
                                                {.name = "lasts"}),
        property<PinBody, &TriggerBody::strength>(
            {.id = "strength", .label = "strength", .unit = "%", .most = 400, .initial = 100},
            {.name = "strength", .presence = Fields::required, .range = limits::strength}),
        kinds::row_property(Fields::required),
        from_colour(),
        property<PinBody, &TriggerBody::to>({.id = "colour-to", .label = "to", .type = ParamType::Colour},
                                            {.name = "to_colour", .presence = Fields::required}),
        property<PinBody, &TriggerBody::strobe_beats>(
            {.id = "strobe-beats",
             .label = "strobe every",
             .unit = "beats",
             .most = 64,
             .explains = "of a strobe, counted from where the trigger starts; 0: by its rate"},
            {.name = "strobe_beats",
             .range = limits::length_amount,
             .about = "beats from each turn of a strobe to the next; 0: by its rate"}),
        property<PinBody, &TriggerBody::name>({.id = "name",
                                               .label = "name",
                                               .type = ParamType::Text,
                                               .explains = "shown instead of the effect"},
                                              {.name = "name"}),
    };
    return all;
}

Result<PlacedBodies> bodies(const Project&, const Lane&, std::span<const Picked> places,
                            const PlantingForm& form) {
    TriggerBody base;
    if (const auto* given = body_if<TriggerBody>(&form.body))
        base = *given;
    const Variation variation = form.variation();
    PlacedBodies bodies;
    bodies.reserve(places.size());
    for (std::size_t i = 0; i < places.size(); ++i) {
        const double way = way_of(places, i);
        TriggerBody body = base;
        body.strength = strength_for(variation, base.strength, places[i], i, way);
        body.from = colour_for(variation, base.from, places[i].at, i, way);
        if (base.to == base.from) // one colour throughout stays one
            body.to = body.from;
        bodies.push_back(body);
    }
    return bodies;
}

/// The first of a lane is as is usual for its effect, not until the end of the song.
Result<void> adapt(PinBody& body, const Project&, const Lane& lane, std::optional<Ticks>) {
    auto& trigger = body_of<TriggerBody>(body);
    if (const auto* usual = trigger_effect(trigger.effect); usual && lane.pins.empty()) {
        trigger.length = usual->length;
        trigger.from = trigger.to = usual->colour;
    }
    return {};
}

void spans(const Project& project, const Lane& lane, const ResolvedLane& pins, LaneSpans& spans) {
    spans.triggers = triggers_of(project, lane, pins);
    for (const auto& span : spans.triggers)
        spans.rows = std::max(spans.rows, span.row + 1);
}

} // namespace

const LaneKindRow kinds::trigger_row{
    .id = "triggers",
    .plural = "Triggers",
    .singular = "trigger",
    .counted = "triggers",
    .from_the_start = false,
    .pin_body = body_type<TriggerBody>,
    .empty_body = [] { return PinBody(TriggerBody{}); },
    .name_of =
        [](const PinBody& body, const Project&) {
            const auto& trigger = body_of<TriggerBody>(body);
            return trigger.name.empty() ? trigger.effect : trigger.name;
        },
    .colour_of = [](const PinBody& body) { return PinColour(body_of<TriggerBody>(body).from); },
    .properties = properties(),
    .more_fields = more_fields,
    .may_set =
        [](std::string_view id, const PinBody& body, const Project&) {
            return id != "strobe-beats" || body_of<TriggerBody>(body).effect == "strobe";
        },
    .spans = spans,
    .bodies = bodies,
    .adapt = adapt,
};

} // namespace pulsepin
