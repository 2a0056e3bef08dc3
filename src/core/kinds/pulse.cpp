// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/follow.h"
#include "kinds/kinds.h"
#include "kinds/lane_fields.h"
#include "model/fields.h"
#include "schedule/lane_spans.h"
#include "schedule/variation.h"

namespace pulsepin {
namespace {

const PinProperty properties[] = {
    property<PinBody, &PulseBody::strength>(
        {.id = "strength",
         .label = "strength",
         .unit = "%",
         .least = -400,
         .most = 400,
         .initial = 100,
         .explains = "how far it goes from the rest value to the peak value"},
        {.name = "strength", .presence = Fields::required, .range = limits::strength}),
};

/// Pulses differ in strength as triggers do.
Result<PlacedBodies> bodies(const Project&, const Lane&, std::span<const Picked> places,
                            const PlantingForm& form) {
    PulseBody base;
    if (const auto* given = body_if<PulseBody>(&form.body))
        base = *given;
    const Variation variation = form.variation();
    PlacedBodies bodies;
    bodies.reserve(places.size());
    for (std::size_t i = 0; i < places.size(); ++i) {
        PulseBody body = base;
        body.strength = strength_for(variation, base.strength, places[i], i, way_of(places, i));
        bodies.push_back(body);
    }
    return bodies;
}

} // namespace

const LaneKindRow kinds::pulse_row{
    .id = "pulses",
    .plural = "Motion",
    .singular = "pulse",
    .counted = "pulses",
    .from_the_start = false,
    .pin_body = body_type<PulseBody>,
    .empty_body = [] { return PinBody(PulseBody{}); },
    .name_of = [](const PinBody&, const Project&) { return std::string("pulse"); },
    .properties = properties,
    .more_fields = [](Fields& f, PinBody& body) { f.maybe_pulse("shape", body_of<PulseBody>(body).shape); },
    .parts = kinds::motion_parts,
    .spans = [](const Project& project, const Lane& lane, const ResolvedLane& pins,
                LaneSpans& spans) { spans.motion = MotionCurve(project, lane, pins); },
    .share_at = [](const ShareContext& c) { return std::optional(c.spans.motion.share_at(c.frame)); },
    .bodies = bodies,
};

} // namespace pulsepin
