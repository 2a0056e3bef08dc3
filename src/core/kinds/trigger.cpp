// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/kinds.h"
#include "model/fields.h"
#include "model/marker_looks.h"
#include "model/pin_edits.h"
#include "schedule/lane_spans.h"
#include "schedule/variation.h"

namespace pulsepin {
namespace {

void fields(Fields& f, PinBody& body) {
    auto& trigger = std::get<TriggerBody>(body);
    std::int64_t row = trigger.row;
    f.text("effect", trigger.effect);
    f.length("lasts", trigger.length);
    f.number("strength", trigger.strength, limits::strength);
    f.colour("from_colour", trigger.from);
    f.colour("to_colour", trigger.to);
    f.whole("row", row, {0, most_trigger_rows - 1});
    trigger.row = static_cast<int>(row);
    f.text("name", trigger.name, limits::name, Fields::optional);
    f.about("layers that it acts on; none: the camera")
        .items<LayerId>(
            "on", "acted-on", trigger.on, [](Fields& g, LayerId& id) { g.id("layer", id.value); },
            limits::few, Fields::optional);
    f.about("what it does; none: what is usual for its effect")
        .items<TriggerAct>(
            "acts", "trigger-act", trigger.acts,
            [](Fields& g, TriggerAct& act) {
                g.text("parameter", act.parameter);
                g.number("low", act.low, limits::value);
                g.number("high", act.high, limits::value);
                g.items<TriggerAct::Point>(
                    "curve", "act-point", act.curve,
                    [](Fields& p, TriggerAct::Point& point) {
                        p.number("at", point.at, limits::value);
                        p.number("way", point.way, limits::value);
                    },
                    limits::few, Fields::optional);
            },
            limits::few, Fields::optional);
    f.about("beats from each turn of a strobe to the next; 0: by its rate")
        .number("strobe_beats", trigger.strobe_beats, limits::length_amount, Fields::optional);
}

constexpr Length::Unit units[] = {Length::Unit::UntilNext,    Length::Unit::InBeats,
                                  Length::Unit::InFrames,     Length::Unit::InMilliseconds,
                                  Length::Unit::ToSectionEnd, Length::Unit::ToEnd};

/// One colour throughout stays one.
PinParam from_colour() {
    PinParam param = bound<PinBody, &TriggerBody::from>(
        {.id = "colour-from", .label = "colour", .type = ParamType::Colour});
    param.set = [](PinBody& body, const ParamValue& value) {
        auto& trigger = std::get<TriggerBody>(body);
        const bool one = trigger.from == trigger.to;
        trigger.from = std::get<Colour>(value);
        if (one)
            trigger.to = trigger.from;
    };
    return param;
}

std::span<const PinParam> params() {
    static const PinParam all[] = {
        bound<PinBody, &TriggerBody::effect>(
            {.id = "effect",
             .label = "effect",
             .type = ParamType::Text,
             .explains = "what it starts: one of these, or a name of your own",
             .choices = trigger_effect_choices(),
             .initial_text = "flash"}),
        bound<PinBody, &TriggerBody::length>({.id = "length",
                                              .label = "lasts",
                                              .type = ParamType::Length,
                                              .most = limits::length_amount.most,
                                              .initial = 1,
                                              .units = units}),
        bound<PinBody, &TriggerBody::strength>(
            {.id = "strength", .label = "strength", .unit = "%", .most = 400, .initial = 100}),
        kinds::row_param(),
        from_colour(),
        bound<PinBody, &TriggerBody::to>({.id = "colour-to", .label = "to", .type = ParamType::Colour}),
        bound<PinBody, &TriggerBody::strobe_beats>(
            {.id = "strobe-beats",
             .label = "strobe every",
             .unit = "beats",
             .most = 64,
             .explains = "of a strobe, counted from where the trigger starts; 0: by its rate"}),
        bound<PinBody, &TriggerBody::name>({.id = "name",
                                            .label = "name",
                                            .type = ParamType::Text,
                                            .explains = "shown instead of the effect"}),
    };
    return all;
}

Result<PlacedBodies> bodies(const Project&, const Lane&, std::span<const Picked> places,
                            const PlantingForm& form) {
    TriggerBody base;
    if (const auto* given = std::get_if<TriggerBody>(&form.body))
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
    auto& trigger = std::get<TriggerBody>(body);
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
    .triggers = true,
    .empty_body = [] { return PinBody(TriggerBody{}); },
    .fields = fields,
    .name_of =
        [](const PinBody& body, const Project&) {
            const auto& trigger = std::get<TriggerBody>(body);
            return trigger.name.empty() ? trigger.effect : trigger.name;
        },
    .colour_of = [](const PinBody& body) { return PinColour(std::get<TriggerBody>(body).from); },
    .params = params(),
    .may_set =
        [](std::string_view id, const PinBody& body, const Project&) {
            return id != "strobe-beats" || std::get<TriggerBody>(body).effect == "strobe";
        },
    .spans = spans,
    .bodies = bodies,
    .adapt = adapt,
};

} // namespace pulsepin
