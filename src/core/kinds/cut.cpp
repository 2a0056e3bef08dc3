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
    .spans = [](const Project& project, const Lane& lane, const ResolvedLane& pins,
                LaneSpans& spans) { spans.shots = shots_of(project, lane, pins); },
    .bodies = make_cuts,
    .adapt = adapt,
};

} // namespace pulsepin
