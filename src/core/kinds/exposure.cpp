// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/kinds.h"
#include "kinds/lane_fields.h"
#include "model/fields.h"
#include "schedule/lane_spans.h"
#include "schedule/picker.h"

namespace pulsepin {
namespace {

std::span<const ParamChoice> ways() {
    static constexpr ParamChoice all[] = {
        {"onwards", "onwards"}, {"backwards", "backwards"}, {"to-and-fro", "to and fro"}};
    return all;
}

/// That it does not is told in a file, since it is usual.
PinProperty again() {
    auto again = property<PinBody, &ExposureBody::again>({.id = "again",
                                                          .label = "again",
                                                          .type = ParamType::Switch,
                                                          .most = 1,
                                                          .initial = 1,
                                                          .explains = "a run begins anew when it is over"},
                                                         {.name = "held"});
    again.visit = [](Fields& f, const FieldSpec& spec, PinBody& body) {
        auto& exposure = body_of<ExposureBody>(body);
        bool held = !exposure.again;
        f.about("the last drawing of a run is held when it is over").flag(spec.name, held, spec.presence);
        exposure.again = !held;
    };
    return again;
}

std::span<const PinProperty> properties() {
    static const PinProperty all[] = {
        property<PinBody, &ExposureBody::drawing>(
            {.id = "drawing",
             .label = "drawing",
             .type = ParamType::Text,
             .explains = "a number or a name",
             .initial_text = "1"},
            {.name = "drawing", .presence = Fields::required, .about = "a number or a name"}),
        property<PinBody, &ExposureBody::last>({.id = "last",
                                                .label = "to",
                                                .type = ParamType::Whole,
                                                .most = static_cast<double>(limits::drawing.most),
                                                .explains = "of a run of numbers; 0: one drawing"},
                                               {.name = "last",
                                                .whole = limits::drawing,
                                                .about = "of a run of numbers; missing: it is one drawing"}),
        property<PinBody, &ExposureBody::each>({.id = "each",
                                                .label = "on",
                                                .type = ParamType::Whole,
                                                .unit = "frames",
                                                .least = 1,
                                                .most = 1000,
                                                .initial = 1,
                                                .explains = "that each drawing of a run is held"},
                                               {.name = "each_frames", .whole = limits::least_frames}),
        choice_property<PinBody, ways, &ExposureBody::way>({.id = "way", .label = "way"}, {.name = "way"}),
        again(),
    };
    return all;
}

bool may_set(std::string_view id, const PinBody& body, const Project&) {
    return id == "drawing" || id == "last" || body_of<ExposureBody>(body).last != 0;
}

/// One drawing after the other: those of the form's run in turn, or numbers from its drawing on.
Result<PlacedBodies> bodies(const Project&, const Lane&, std::span<const Picked> places,
                            const PlantingForm& form) {
    ExposureBody base;
    if (const auto* given = body_if<ExposureBody>(&form.body))
        base = *given;
    const auto first = drawing_number(base.drawing);
    PlacedBodies bodies;
    bodies.reserve(places.size());
    for (std::size_t i = 0; i < places.size(); ++i) {
        ExposureBody body;
        body.drawing =
            first ? std::to_string(number_in_run(base, *first, static_cast<std::int64_t>(i))) : base.drawing;
        bodies.push_back(body);
    }
    return bodies;
}

/// The next number.
Result<void> adapt(PinBody& body, const Project&, const Lane& lane, std::optional<Ticks>) {
    auto& exposure = body_of<ExposureBody>(body);
    if (const auto number = drawing_number(exposure.drawing); number && !lane.pins.empty())
        exposure.drawing = std::to_string(*number + 1);
    exposure.last = 0;
    return {};
}

void spans(const Project& project, const Lane& lane, const ResolvedLane& pins, LaneSpans& spans) {
    spans.exposures = exposures_of(project, lane, pins);
}

constexpr LanePartRow parts[] = {kinds::exposing_part};

} // namespace

const LaneKindRow kinds::exposure_row{
    .id = "exposures",
    .plural = "Exposures",
    .singular = "drawing",
    .counted = "drawings",
    .from_the_start = false,
    .pin_body = body_type<ExposureBody>,
    .empty_body = [] { return PinBody(ExposureBody{}); },
    .name_of = [](const PinBody& body, const Project&) { return body_of<ExposureBody>(body).drawing; },
    .properties = properties(),
    .may_set = may_set,
    .parts = parts,
    .spans = spans,
    .bodies = bodies,
    .adapt = adapt,
};

} // namespace pulsepin
