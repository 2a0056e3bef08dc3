// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/kinds.h"
#include "model/fields.h"
#include "schedule/cut_maker.h"
#include "schedule/lane_spans.h"

#include <array>

namespace pulsepin {
namespace {

void fields(Fields& f, PinBody& body) {
    auto& cut = std::get<CutBody>(body);
    f.id("shot", cut.shot.value, Fields::optional);
    f.seconds("in_point", cut.in_point, limits::seconds);
    f.flag("same_moment", cut.same_moment, Fields::optional);
    f.frames("fade_frames", cut.fade, limits::frames, Fields::optional);
    static constexpr std::array<std::string_view, 2> bases{"fit", "fill"};
    f.choice_of("framing", cut.framing.base, bases, Fields::optional);
    double larger = cut.framing.scale - 100;
    f.about("percent above, or below, all of the shot or all of the picture")
        .number("larger", larger, limits::value, Fields::optional);
    cut.framing.scale = 100 + larger;
    f.number("framing_x", cut.framing.x, limits::value, Fields::optional);
    f.number("framing_y", cut.framing.y, limits::value, Fields::optional);
    double faster = cut.speed - 100;
    f.about("percent faster than the clip; below -100 backwards")
        .number("faster", faster, limits::strength, Fields::optional);
    cut.speed = 100 + faster;
    static constexpr std::array<std::string_view, 3> changes{"fade", "rush", "wipe"};
    f.choice_of("change", cut.change, changes, Fields::optional);
}

template <double ShotFraming::*member>
PinParam framing_param(const ParamSpec& spec) {
    return {spec, [](const PinBody& body) { return ParamValue(std::get<CutBody>(body).framing.*member); },
            [](PinBody& body, const ParamValue& value) {
                std::get<CutBody>(body).framing.*member = std::get<double>(value);
            }};
}

constexpr ParamChoice framings[] = {{"fit", "fit inside"}, {"fill", "fill frame"}};

PinParam framing_base() {
    return {{.id = "framing", .label = "framing", .type = ParamType::Choice, .choices = framings},
            [](const PinBody& body) {
                const auto base = static_cast<std::size_t>(std::get<CutBody>(body).framing.base);
                return ParamValue(std::string(framings[base].id));
            },
            [](PinBody& body, const ParamValue& value) {
                std::get<CutBody>(body).framing.base =
                    std::get<std::string>(value) == "fill" ? ShotFraming::Base::Fill : ShotFraming::Base::Fit;
            }};
}

std::span<const ParamChoice> changes() {
    static constexpr ParamChoice all[] = {
        {"fade", "fades"}, {"rush", "rushes towards it"}, {"wipe", "wipes over it"}};
    return all;
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
    bound_choice<PinBody, &CutBody::change, changes>(
        {.id = "change", .label = "change", .explains = "what happens over the fade"}),
    bound<PinBody, &CutBody::speed>(
        {.id = "speed",
         .label = "speed",
         .unit = "%",
         .least = -400,
         .most = 400,
         .initial = 100,
         .explains = "of its clip; below 0 it runs backwards, 0 holds one picture"}),
    framing_base(),
    framing_param<&ShotFraming::scale>({.id = "framing-scale",
                                        .label = "size",
                                        .unit = "%",
                                        .least = 1,
                                        .most = 2000,
                                        .initial = 100,
                                        .explains = "of the shot as its framing has it"}),
    framing_param<&ShotFraming::x>(
        {.id = "framing-x", .label = "right", .unit = "px", .least = -10000, .most = 10000}),
    framing_param<&ShotFraming::y>(
        {.id = "framing-y", .label = "down", .unit = "px", .least = -10000, .most = 10000}),
};

/// A camera's moment is the song's; only a camera of several knows it.
bool may_set(std::string_view id, const PinBody& body, const Project& project) {
    const auto& cut = std::get<CutBody>(body);
    if (id == "in-point")
        return !cut.same_moment;
    const Clip* clip = project.clip(cut.shot);
    return id != "same-moment" || cut.same_moment || (clip && clip->begins_at);
}

/// A slate where there are no shots yet.
Result<void> adapt(PinBody& body, const Project& project, const Lane&, std::optional<Ticks>) {
    std::get<CutBody>(body).shot = project.shots().empty() ? ClipId{} : project.shots().front()->id;
    return {};
}

std::string name_of(const PinBody& body, const Project& project) {
    const ClipId shot = std::get<CutBody>(body).shot;
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
