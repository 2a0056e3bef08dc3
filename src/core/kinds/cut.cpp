// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/kinds.h"
#include "model/fields.h"
#include "schedule/cut_maker.h"
#include "schedule/lane_spans.h"

namespace pulsepin {
namespace {

std::span<const ParamChoice> framings() {
    static constexpr ParamChoice all[] = {{"fit", "fit inside"}, {"fill", "fill frame"}};
    return all;
}

std::span<const ParamChoice> changes() {
    static constexpr ParamChoice all[] = {
        {"fade", "fades"}, {"rush", "rushes towards it"}, {"wipe", "wipes over it"}};
    return all;
}

const PinProperty properties[] = {
    property<PinBody, &CutBody::shot>({.id = "shot", .label = "shot", .type = ParamType::Shot},
                                      {.name = "shot"}),
    property<PinBody, &CutBody::in_point>(
        {.id = "in-point",
         .label = "from",
         .unit = "s",
         .most = limits::seconds.most,
         .explains = "where in its clip the shot begins"},
        {.name = "in_point", .presence = Fields::required, .range = limits::seconds}),
    property<PinBody, &CutBody::same_moment>(
        {.id = "same-moment",
         .label = "same moment",
         .type = ParamType::Switch,
         .explains = "shows what this camera saw at this moment of the song; where the camera begins is set "
                     "in the bin"},
        {.name = "same_moment"}),
    property<PinBody, &CutBody::fade>(
        {.id = "fade",
         .label = "fade",
         .type = ParamType::Whole,
         .unit = "frames",
         .most = 500,
         .explains = "over which the shots are cross-faded, half of them before the cut; 0 is a hard cut"},
        {.name = "fade_frames"}),
    choice_property<PinBody, changes, &CutBody::change>(
        {.id = "change", .label = "change", .explains = "what happens over the fade"}, {.name = "change"}),
    property<PinBody, &CutBody::speed>(
        {.id = "speed",
         .label = "speed",
         .unit = "%",
         .least = -400,
         .most = 400,
         .initial = 100,
         .explains = "of its clip; below 0 it runs backwards, 0 holds one picture"},
        {.name = "faster",
         .range = limits::strength,
         .from = 100,
         .about = "percent faster than the clip; below -100 backwards"}),
    choice_property<PinBody, framings, &CutBody::framing, &ShotFraming::base>(
        {.id = "framing", .label = "framing"}, {.name = "framing"}),
    property<PinBody, &CutBody::framing, &ShotFraming::scale>(
        {.id = "framing-scale",
         .label = "size",
         .unit = "%",
         .least = 1,
         .most = 2000,
         .initial = 100,
         .explains = "of the shot as its framing has it"},
        {.name = "larger",
         .from = 100,
         .about = "percent above, or below, all of the shot or all of the picture"}),
    property<PinBody, &CutBody::framing, &ShotFraming::x>(
        {.id = "framing-x", .label = "right", .unit = "px", .least = -10000, .most = 10000},
        {.name = "framing_x"}),
    property<PinBody, &CutBody::framing, &ShotFraming::y>(
        {.id = "framing-y", .label = "down", .unit = "px", .least = -10000, .most = 10000},
        {.name = "framing_y"}),
};

/// A camera's moment is the song's; only a camera of several knows it.
bool may_set(std::string_view id, const PinBody& body, const Project& project) {
    const auto& cut = body_of<CutBody>(body);
    if (id == "in-point")
        return !cut.same_moment;
    const Clip* clip = project.clip(cut.shot);
    return id != "same-moment" || cut.same_moment || (clip && clip->begins_at);
}

/// A slate where there are no shots yet.
Result<void> adapt(PinBody& body, const Project& project, const Lane&, std::optional<Ticks>) {
    body_of<CutBody>(body).shot = project.shots().empty() ? ClipId{} : project.shots().front()->id;
    return {};
}

std::string name_of(const PinBody& body, const Project& project) {
    const ClipId shot = body_of<CutBody>(body).shot;
    const Clip* clip = project.clip(shot);
    return clip ? clip->name : std::string(shot == ClipId{} ? "slate" : "");
}

} // namespace

const LaneKindRow kinds::cut_row{
    .id = "cuts",
    .plural = "Cuts",
    .singular = "cut",
    .counted = "cuts",
    .from_the_start = true,
    .pin_body = body_type<CutBody>,
    .empty_body = [] { return PinBody(CutBody{}); },
    .name_of = name_of,
    .properties = properties,
    .may_set = may_set,
    .spans = [](const Project& project, const Lane& lane, const ResolvedLane& pins,
                LaneSpans& spans) { spans.shots = shots_of(project, lane, pins); },
    .bodies = make_cuts,
    .adapt = adapt,
};

} // namespace pulsepin
