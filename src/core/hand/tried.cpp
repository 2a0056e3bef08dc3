// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/tried.h"

#include "hand/driving.h"
#include "hand/stage_hand.h"
#include "kinds/kinds.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "model/stage_edits.h"
#include "params/ids.h"
#include "stage/effects.h"

#include <algorithm>

namespace pulsepin {
namespace {

/// The first beat at or after a moment; the moment itself without a grid.
Seconds beat_from(const Project& project, Seconds at) {
    if (!project.grid)
        return at;
    const auto& grid = *project.grid;
    const Ticks near = grid.nearest_tick(at);
    const std::int64_t beat =
        near.value >= 0 ? (near.value + ticks_per_beat - 1) / ticks_per_beat : near.value / ticks_per_beat;
    return grid.time_at(Ticks(beat * ticks_per_beat));
}

Seconds beats_after(const Project& project, Seconds at, std::int64_t beats) {
    if (!project.grid)
        return at + Seconds(0.5 * static_cast<double>(beats));
    const auto& grid = *project.grid;
    return grid.time_at(grid.nearest_tick(at) + Ticks(beats * ticks_per_beat));
}

Frames frames_between(const Project& project, Seconds from, Seconds until) {
    const auto rate = project.settings->frame_rate;
    return std::max(Frames(1), rate.frame_at(until) - rate.frame_at(from));
}

const AppearanceSpan* span_to_try(const std::vector<AppearanceSpan>& spans, const PinSet& selected,
                                  Frames at) {
    for (const auto& span : spans)
        if (selected.contains(span.pin) && !span.muted)
            return &span;
    for (const auto& span : spans)
        if (span.end > at && !span.muted)
            return &span;
    return spans.empty() ? nullptr : &spans.front();
}

} // namespace

TriedLoop two_beats_at(const Project& project, Seconds at) {
    const Seconds from = beat_from(project, at);
    return {project.settings->frame_rate.frame_at(from),
            frames_between(project, from, beats_after(project, from, 2))};
}

Result<TriedAppearance> tried_appearance(const Schedule& schedule, LaneId id, const PinSet& selected,
                                         Seconds at) {
    const Project& project = schedule.project();
    const Lane* lane = project.lane(id);
    if (!lane || !part_of<Showing>(*lane) || !project.stage->layer(part_of<Showing>(*lane)->layer))
        return fail("Nothing appears on that lane yet.", {}, "Choose a layer or a group.");
    const auto rate = project.settings->frame_rate;
    if (const auto* span = span_to_try(schedule.spans(id).appearances, selected, rate.frame_at(at)))
        return TriedAppearance{project, *span};
    AppearanceBody body;
    body.length = {Length::Unit::InMilliseconds,
                   (beats_after(project, beat_from(project, at), 4) - beat_from(project, at)).value * 1000};
    Project with = project;
    // That the lane is locked is no matter here: the project is looked at only.
    if (auto unlocked = with_lane_locked(with, id, false))
        with = *std::move(unlocked);
    auto added = with_pins(with, id, {{{}, TimeAnchor{beat_from(project, at)}, body, {}}});
    if (!added)
        return tl::unexpected(added.error());
    const Schedule again(*added, schedule);
    if (again.spans(id).appearances.empty())
        return fail("Nothing appears there.");
    return TriedAppearance{*std::move(added), again.spans(id).appearances.front()};
}

TriedLoop loop_on(const Project& project, const AppearanceSpan& span, AppearancePart part) {
    const auto rate = project.settings->frame_rate;
    const Seconds beat = rate.start_of(span.beat);
    const Frames length = frames_between(project, beat, beats_after(project, beat, 2));
    constexpr Frames before(2); // so that one sees that it was not there
    switch (part) {
    case AppearancePart::Comes:
        return {span.comes - before, length};
    case AppearancePart::Stays:
        return {span.comes + Frames(static_cast<std::int64_t>(span.coming)), length};
    case AppearancePart::Goes:
        return {span.end + before - length, length};
    }
    return {span.comes, length};
}

Result<Project> with_effect_on_beats(const Project& project, LayerId layer, std::string_view effect_id,
                                     const TriedLoop& loop) {
    auto with = with_effect(project, layer, effect_id);
    const auto* row = effect(effect_id);
    if (!with || !row)
        return with;
    const auto driven = std::ranges::find_if(row->parameters, [](const ParamSpec& spec) {
        return spec.type == ParamType::Number && spec.usual_low != spec.usual_high;
    });
    if (driven == row->parameters.end())
        return with;
    const int number = with->stage->layer(layer)->effects.back().number;
    Project next = with_lane(*with, kind_of(body_type<PulseBody>), "tried");
    const LaneId lane = next.lanes.back()->id;
    Motion motion = *part_of<Motion>(*next.lanes.back());
    motion.own = new_feed(next, {layer, parameter_id(driven->id, number)});
    // It falls for most of the beat, so that it is seen.
    motion.pulse.down = {Length::Unit::InFrames, 0.3 * static_cast<double>(loop.length.value)};
    auto moving = with_motion(next, lane, std::move(motion));
    if (!moving)
        return moving;
    std::vector<Pin> beats;
    const auto rate = project.settings->frame_rate;
    for (const Frames at : {loop.first, loop.first + Frames(loop.length.value / 2)})
        beats.push_back({{}, TimeAnchor{rate.start_of(at)}, PulseBody{}, {}});
    return with_pins(*moving, lane, std::move(beats));
}

} // namespace pulsepin
