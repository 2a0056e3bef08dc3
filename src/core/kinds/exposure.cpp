// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/kinds.h"
#include "model/fields.h"
#include "schedule/lane_spans.h"
#include "schedule/picker.h"

namespace pulsepin {
namespace {

void fields(Fields& f, PinBody& body) {
    static constexpr std::string_view ways[] = {"onwards", "backwards", "to-and-fro"};
    auto& exposure = std::get<ExposureBody>(body);
    f.about("a number or a name").text("drawing", exposure.drawing);
    f.about("of a run of numbers; missing: it is one drawing")
        .whole_as("last", exposure.last, limits::drawing, Fields::optional);
    f.frames("each_frames", exposure.each, limits::least_frames, Fields::optional);
    f.choice_of("way", exposure.way, ways, Fields::optional);
    bool held = !exposure.again;
    f.about("the last drawing of a run is held when it is over").flag("held", held, Fields::optional);
    exposure.again = !held;
}

std::span<const ParamChoice> ways() {
    static constexpr ParamChoice all[] = {
        {"onwards", "onwards"}, {"backwards", "backwards"}, {"to-and-fro", "to and fro"}};
    return all;
}

std::span<const PinParam> params() {
    static const PinParam all[] = {
        bound<PinBody, &ExposureBody::drawing>({.id = "drawing",
                                                .label = "drawing",
                                                .type = ParamType::Text,
                                                .explains = "a number or a name",
                                                .initial_text = "1"}),
        bound<PinBody, &ExposureBody::last>({.id = "last",
                                             .label = "to",
                                             .type = ParamType::Whole,
                                             .most = static_cast<double>(limits::drawing.most),
                                             .explains = "of a run of numbers; 0: one drawing"}),
        bound<PinBody, &ExposureBody::each>({.id = "each",
                                             .label = "on",
                                             .type = ParamType::Whole,
                                             .unit = "frames",
                                             .least = 1,
                                             .most = 1000,
                                             .initial = 1,
                                             .explains = "that each drawing of a run is held"}),
        bound_choice<PinBody, &ExposureBody::way, ways>({.id = "way", .label = "way"}),
        bound<PinBody, &ExposureBody::again>({.id = "again",
                                              .label = "again",
                                              .type = ParamType::Switch,
                                              .most = 1,
                                              .initial = 1,
                                              .explains = "a run begins anew when it is over"}),
    };
    return all;
}

bool may_set(std::string_view id, const PinBody& body, const Project&) {
    return id == "drawing" || id == "last" || std::get<ExposureBody>(body).last != 0;
}

/// One drawing after the other: those of the form's run in turn, or numbers from its drawing on.
Result<PlacedBodies> bodies(const Project&, const Lane&, std::span<const Picked> places,
                            const PlantingForm& form) {
    ExposureBody base;
    if (const auto* given = std::get_if<ExposureBody>(&form.body))
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
    auto& exposure = std::get<ExposureBody>(body);
    if (const auto number = drawing_number(exposure.drawing); number && !lane.pins.empty())
        exposure.drawing = std::to_string(*number + 1);
    exposure.last = 0;
    return {};
}

void spans(const Project& project, const Lane& lane, const ResolvedLane& pins, LaneSpans& spans) {
    spans.exposures = exposures_of(project, lane, pins);
}

} // namespace

const LaneKindRow kinds::exposure_row{
    .id = "exposures",
    .plural = "Exposures",
    .singular = "drawing",
    .counted = "drawings",
    .from_the_start = false,
    .exposes = true,
    .empty_body = [] { return PinBody(ExposureBody{}); },
    .fields = fields,
    .name_of = [](const PinBody& body, const Project&) { return std::get<ExposureBody>(body).drawing; },
    .params = params(),
    .may_set = may_set,
    .spans = spans,
    .bodies = bodies,
    .adapt = adapt,
};

} // namespace pulsepin
