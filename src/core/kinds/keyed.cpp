// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/keyed.h"

#include "schedule/lane_spans.h"
#include "schedule/variation.h"

namespace pulsepin::keyed {

namespace {

std::span<const ParamChoice> roles() {
    static constexpr ParamChoice all[] = {{"drawn", "key of the drawn curve"},
                                          {"lift", "lifts the curve"},
                                          {"replace", "replaces the curve"},
                                          {"acts", "the curve acts here"}};
    return all;
}

} // namespace

double low_end(const Lane& lane) {
    return lane.kind->follows ? 0 : part_of<Motion>(lane)->own.low;
}

std::span<const PinProperty> properties() {
    return follower_properties().first(2);
}

void over_fields(Fields& f, PinBody& body) {
    visit_properties(f, follower_properties().subspan(2), body);
}

std::span<const PinProperty> follower_properties() {
    static constexpr Length::Unit units[] = {Length::Unit::InBeats, Length::Unit::InFrames,
                                             Length::Unit::InMilliseconds, Length::Unit::UntilNext,
                                             Length::Unit::None};
    const auto fade = [](std::string_view id, std::string_view label) {
        return ParamSpec{.id = id, .label = label, .unit = "s", .least = 0, .most = 600};
    };
    static const PinProperty all[] = {
        property<PinBody, &KeyBody::value>(
            {.id = "value", .label = "value", .least = limits::value.least, .most = limits::value.most},
            {.name = "value", .presence = Fields::required}),
        property<PinBody, &KeyBody::easing>({.id = "easing",
                                             .label = "reached by",
                                             .type = ParamType::Curve,
                                             .explains = "how the value gets there from the key before"},
                                            {.name = "easing"}),
        choice_property<PinBody, roles, &KeyBody::role>(
            {.id = "role",
             .label = "what it does",
             .explains = "whether it is a key of the drawn curve, or lies over what was computed"},
            {.name = "role",
             .about = "of a lane that follows: whether the key is one of the drawn curve, or lies over the "
                      "computed one"}),
        property<PinBody, &KeyBody::length>({.id = "length",
                                             .label = "lasts",
                                             .type = ParamType::Length,
                                             .most = limits::length_amount.most,
                                             .initial = 1,
                                             .units = units},
                                            {.name = "length"}),
        property<PinBody, &KeyBody::fade_in>(fade("fade-in", "fades in"),
                                             {.name = "fade_in", .range = limits::duration}),
        property<PinBody, &KeyBody::fade_out>(fade("fade-out", "out"),
                                              {.name = "fade_out", .range = limits::duration}),
    };
    return all;
}

bool may_set_of_follower(std::string_view id, const PinBody& body, const Project&) {
    const KeyRole role = body_of<KeyBody>(body).role;
    if (id == "easing")
        return role == KeyRole::Drawn;
    if (id == "length" || id == "fade-in" || id == "fade-out")
        return role != KeyRole::Drawn;
    return id != "value" || role != KeyRole::Acts;
}

Result<PlacedBodies> bodies(const Project&, const Lane& lane, std::span<const Picked> places,
                            const PlantingForm& form) {
    KeyBody base{part_of<Motion>(lane)->own.high, {}};
    if (const auto* given = body_if<KeyBody>(&form.body))
        base = *given;
    const double low = low_end(lane);
    const Variation variation = form.variation();
    PlacedBodies bodies;
    bodies.reserve(places.size());
    for (std::size_t i = 0; i < places.size(); ++i) {
        KeyBody body = base;
        body.value =
            low + (base.value - low) * strength_for(variation, 100, places[i], i, way_of(places, i)) / 100;
        bodies.push_back(body);
    }
    return bodies;
}

Result<void> adapt(PinBody& body, const Project& project, const Lane& lane, std::optional<Ticks> at) {
    if (!at)
        return {};
    const KeyCurve curve(lane, resolve(project, lane));
    const auto rate = project.settings->frame_rate;
    const Seconds acts = project.grid->time_at(*at) - time_of(lane.lead, rate);
    body_of<KeyBody>(body).value =
        curve.empty() ? low_end(lane) : curve.value_at(static_cast<double>(rate.frame_at(acts).value));
    return {};
}

Result<void> adapt_follower(PinBody& body, const Project& project, const Lane& lane,
                            std::optional<Ticks> at) {
    auto& key = body_of<KeyBody>(body);
    if (part_of<Motion>(lane)->follower.source == "drawn")
        return key.role == KeyRole::Drawn ? adapt(body, project, lane, at) : Result<void>();
    if (key.role == KeyRole::Drawn) { // as is usual; else as the one before
        key = {};
        key.role = KeyRole::Lift;
        key.value = 0.2;
        key.fade_in = key.fade_out = Seconds(0.08);
    }
    return {};
}

void spans(const Project&, const Lane& lane, const ResolvedLane& pins, LaneSpans& spans) {
    spans.keys = KeyCurve(lane, pins);
}

} // namespace pulsepin::keyed
