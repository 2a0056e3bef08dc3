// SPDX-License-Identifier: GPL-3.0-or-later
#include "sheets/lane_entries.h"

#include "schedule/lasting.h"

namespace pulsepin {
namespace {

std::string one_line(std::string text) {
    std::ranges::replace_if(
        text, [](char c) { return c == '\n' || c == '\r' || c == '\t'; }, ' ');
    return text;
}

std::vector<LaneEntry> entries_of_shots(const SheetRequest& request, const std::vector<ShotSpan>& shots) {
    const Project& project = request.schedule.project();
    std::vector<LaneEntry> entries;
    for (const auto& shot : shots) {
        const Clip* clip = project.clip(shot.shot);
        entries.push_back({shot.start,
                           shot.end,
                           clip             ? clip->name
                           : shot.slate > 0 ? request.told("slate " + std::to_string(shot.slate))
                                            : request.told("missing"),
                           {},
                           clip ? shot.shot : ClipId{},
                           shot.in_point});
    }
    return entries;
}

/// Of moments with a length of their own, the length; else a frame.
Frames end_of(const Pin& pin, const ResolvedPin& at, const Project& project) {
    const auto* marker = body_if<MarkerBody>(&pin.body);
    const auto length = marker ? duration_of(marker->length, at.acts_at, project) : std::nullopt;
    return std::max(at.frame + Frames(1),
                    project.settings->frame_rate.frame_at(at.acts_at + length.value_or(Seconds(0))));
}

} // namespace

std::vector<LaneEntry> entries_of_lane(const SheetRequest& request, const Lane& lane) {
    const Schedule& schedule = request.schedule;
    const Project& project = schedule.project();
    const LaneSpans& spans = schedule.spans(lane.id);
    if (lane.muted)
        return {};
    if (!spans.shots.empty())
        return entries_of_shots(request, spans.shots);
    std::vector<LaneEntry> entries;
    const auto named = [&](std::size_t index) {
        return one_line(lane.kind->name_of(lane.pins[index].body, project));
    };
    if (!spans.exposures.empty()) {
        for (const auto& one : spans.exposures)
            entries.push_back({one.first, one.first + one.held, one.drawing});
    } else if (!spans.texts.empty()) {
        for (const auto& one : spans.texts)
            if (!one.muted)
                entries.push_back({one.first, one.until, named(one.index)});
    } else if (!spans.triggers.empty()) {
        for (const auto& one : spans.triggers)
            if (!one.muted && !one.hidden)
                entries.push_back({one.start, one.end, named(one.index),
                                   body_of<TriggerBody>(lane.pins[one.index].body).from});
    } else {
        for (const auto& at : schedule.pins(lane.id).pins)
            if (const Pin& pin = lane.pins[at.index]; !pin.muted)
                entries.push_back({at.frame, end_of(pin, at, project), named(at.index)});
    }
    return entries;
}

std::vector<LaneEntry> spoken_lines(const Schedule& schedule, const Lane& lane) {
    std::vector<LaneEntry> entries;
    if (!holds<WordBody>(lane.kind) || lane.muted)
        return entries;
    const auto& words = schedule.spans(lane.id).texts;
    for (const auto& line : schedule.spans(lane.id).lines) {
        const auto& first = words[line.first];
        const auto& speaker = body_of<WordBody>(lane.pins[first.index].body).speaker;
        entries.push_back({first.first, words[line.until - 1].until,
                           one_line((speaker.empty() ? "" : speaker + ": ") + line.text)});
    }
    return entries;
}

} // namespace pulsepin
