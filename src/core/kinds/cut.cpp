// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/kinds.h"
#include "model/fields.h"
#include "schedule/cut_maker.h"
#include "schedule/lane_spans.h"

namespace pulsepin {
namespace {

void fields(Fields& f, PinBody& body) {
    auto& cut = std::get<CutBody>(body);
    f.id("shot", cut.shot.value, Fields::optional);
    f.seconds("in_point", cut.in_point, limits::seconds);
    f.flag("same_moment", cut.same_moment, Fields::optional);
    f.frames("fade_frames", cut.fade, limits::frames, Fields::optional);
}

const PinParam params[] = {
    bound<PinBody, &CutBody::shot>({.id = "shot", .label = "shot", .type = ParamType::Shot}),
    bound<PinBody, &CutBody::in_point>({.id = "in-point",
                                        .label = "from",
                                        .unit = "s",
                                        .most = limits::seconds.most,
                                        .explains = "where in its clip the shot begins"}),
    bound<PinBody, &CutBody::same_moment>(
        {.id = "same-moment",
         .label = "same moment",
         .type = ParamType::Switch,
         .explains = "shows what this camera saw at this moment of the song; where the camera begins is set "
                     "in the bin"}),
    bound<PinBody, &CutBody::fade>(
        {.id = "fade",
         .label = "fade",
         .type = ParamType::Whole,
         .unit = "frames",
         .most = 500,
         .explains = "over which the shots are cross-faded, half of them before the cut; 0 is a hard cut"}),
};

/// A camera's moment is the song's; only a camera of several knows it.
bool may_set(std::string_view id, const PinBody& body, const Project& project) {
    const auto& cut = std::get<CutBody>(body);
    if (id == "in-point")
        return !cut.same_moment;
    const Clip* clip = project.clip(cut.shot);
    return id != "same-moment" || cut.same_moment || (clip && clip->begins_at);
}

Result<void> adapt(PinBody& body, const Project& project, const Lane&, std::optional<Ticks>) {
    if (project.shots().empty())
        return fail("There are no shots to cut to.", {}, "Add video files to the bin first.");
    std::get<CutBody>(body).shot = project.shots().front()->id;
    return {};
}

std::string name_of(const PinBody& body, const Project& project) {
    const Clip* clip = project.clip(std::get<CutBody>(body).shot);
    return clip ? clip->name : std::string();
}

} // namespace

const LaneKindRow kinds::cut_row{
    .id = "cuts",
    .plural = "Cuts",
    .singular = "cut",
    .counted = "cuts",
    .from_the_start = true,
    .cuts = true,
    .empty_body = [] { return PinBody(CutBody{}); },
    .fields = fields,
    .name_of = name_of,
    .params = params,
    .may_set = may_set,
    .spans = [](const Project& project, const Lane& lane, const ResolvedLane& pins,
                LaneSpans& spans) { spans.shots = shots_of(project, lane, pins); },
    .bodies = make_cuts,
    .adapt = adapt,
};

} // namespace pulsepin
