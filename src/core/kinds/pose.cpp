// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/follow.h"
#include "kinds/kinds.h"
#include "kinds/lane_fields.h"
#include "model/fields.h"
#include "schedule/lane_spans.h"

namespace pulsepin {
namespace {

constexpr const char* field_names[pose_size] = {"x", "y", "scale", "turn", "opacity"};

template <std::size_t i>
PinProperty value_property() {
    return {{pose_parameters()[i],
             [](const PinBody& body) { return ParamValue(body_of<PoseBody>(body).values[i]); },
             [](PinBody& body, const ParamValue& value) {
                 body_of<PoseBody>(body).values[i] = std::get<double>(value);
             }},
            {.name = field_names[i], .presence = Fields::required},
            [](Fields& f, const FieldSpec& spec, PinBody& body) {
                property_of::visit(f, spec, body_of<PoseBody>(body).values[i]);
            }};
}

std::span<const PinProperty> pose_properties() {
    static const PinProperty all[] = {
        value_property<0>(),
        value_property<1>(),
        value_property<2>(),
        value_property<3>(),
        value_property<4>(),
        property<PinBody, &PoseBody::easing>({.id = "easing",
                                              .label = "reached by",
                                              .type = ParamType::Curve,
                                              .explains = "how the layer gets there from the pose before"},
                                             {.name = "easing"}),
    };
    return all;
}

void spans(const Project&, const Lane& lane, const ResolvedLane& resolved, LaneSpans& spans) {
    std::array<std::vector<CurveKey>, pose_size> keys;
    for (const auto& pin : resolved.pins) {
        const auto& body = body_of<PoseBody>(lane.pins[pin.index].body);
        for (std::size_t i = 0; i < pose_size && !lane.pins[pin.index].muted; ++i)
            keys[i].push_back({pin.frame, body.values[i], body.easing});
    }
    for (std::size_t i = 0; i < pose_size; ++i)
        spans.poses[i] = KeyCurve(std::move(keys[i]));
    auto moves = spans.poses[0].keys();
    for (std::size_t i = 0; i < moves.size(); ++i)
        moves[i].value = i % 2 == 0 ? 0 : 1;
    spans.keys = KeyCurve(std::move(moves));
}

std::optional<double> share_at(const ShareContext& c) {
    const auto i = pose_index(c.feed);
    if (i == pose_size || c.spans.poses[i].empty())
        return std::nullopt;
    return share_of(c.feed, c.spans.poses[i].value_at(c.frame));
}

Result<PlacedBodies> bodies(const Project&, const Lane&, std::span<const Picked> places,
                            const PlantingForm& form) {
    PoseBody pose;
    if (const auto* given = body_if<PoseBody>(&form.body))
        pose = *given;
    return PlacedBodies(places.size(), pose);
}

/// As the layer is there anyway, so that it changes nothing yet.
Result<void> adapt(PinBody& body, const Project& project, const Lane& lane, std::optional<Ticks> at) {
    if (!at || lane.pins.empty())
        return {};
    const auto rate = project.settings->frame_rate;
    const Seconds acts = project.grid->time_at(*at) - time_of(lane.lead, rate);
    const auto there = spans_of(project, lane, resolve(project, lane));
    auto& pose = body_of<PoseBody>(body);
    for (std::size_t i = 0; i < pose_size; ++i)
        pose.values[i] = there.poses[i].value_at(static_cast<double>(rate.frame_at(acts).value));
    return {};
}

} // namespace

const LaneKindRow kinds::pose_row{
    .id = "poses",
    .plural = "Poses",
    .singular = "pose",
    .counted = "poses",
    .from_the_start = false,
    .pin_body = body_type<PoseBody>,
    .empty_body = [] { return PinBody(PoseBody{}); },
    .name_of = [](const PinBody&, const Project&) { return std::string("pose"); },
    .properties = pose_properties(),
    .parts = kinds::motion_parts,
    .spans = spans,
    .share_at = share_at,
    .bodies = bodies,
    .adapt = adapt,
};

} // namespace pulsepin
