// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/keyed.h"

#include "schedule/lane_spans.h"
#include "schedule/variation.h"

namespace pulsepin::keyed {

double low_end(const Lane& lane) {
    return lane.kind->follows ? 0 : lane.motion->own.low;
}

void fields(Fields& f, PinBody& body) {
    auto& key = std::get<KeyBody>(body);
    f.number("value", key.value, limits::value);
    f.easing("easing", key.easing);
}

std::span<const PinParam> params() {
    static const PinParam all[] = {
        bound<PinBody, &KeyBody::value>(
            {.id = "value", .label = "value", .least = limits::value.least, .most = limits::value.most}),
        bound<PinBody, &KeyBody::easing>({.id = "easing",
                                          .label = "reached by",
                                          .type = ParamType::Curve,
                                          .explains = "how the value gets there from the key before"}),
    };
    return all;
}

Result<PlacedBodies> bodies(const Project&, const Lane& lane, std::span<const Picked> places,
                            const PlantingForm& form) {
    KeyBody base{lane.motion->own.high, {}};
    if (const auto* given = std::get_if<KeyBody>(&form.body))
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
    std::get<KeyBody>(body).value =
        curve.empty() ? low_end(lane) : curve.value_at(static_cast<double>(rate.frame_at(acts).value));
    return {};
}

void spans(const Project&, const Lane& lane, const ResolvedLane& pins, LaneSpans& spans) {
    spans.keys = KeyCurve(lane, pins);
}

} // namespace pulsepin::keyed
