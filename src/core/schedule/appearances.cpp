// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/appearances.h"

#include "schedule/shots.h"
#include "schedule/triggers.h"

#include <algorithm>
#include <map>

namespace pulsepin {
namespace {

double frames_of(const Length& length, Seconds at, const Project& project) {
    const auto duration = duration_of(length, at, project);
    return duration ? duration->value * project.settings->frame_rate.per_second() : 0.0;
}

} // namespace

std::vector<AppearanceSpan> appearances_of(const Project& project, const Lane& lane,
                                           const ResolvedLane& resolved) {
    const auto& settings = *project.settings;
    const Showing& showing = *lane.showing;
    const Seconds lead = time_of(lane.lead, settings.frame_rate);
    const Frames piece = piece_length(project);
    std::vector<AppearanceSpan> spans;
    spans.reserve(resolved.pins.size());
    for (const auto& pin : resolved.pins) {
        const auto& body = std::get<AppearanceBody>(lane.pins[pin.index].body);
        AppearanceSpan span;
        span.pin = pin.id;
        span.index = pin.index;
        span.row = body.row;
        span.beat = pin.frame + body.later;
        span.comes = span.beat - (showing.comes.move == "none" ? Frames(0) : showing.early);
        span.coming = frames_of(showing.comes.length, pin.time, project);
        span.going = frames_of(showing.goes.length, pin.time, project);
        span.muted = lane.muted || lane.pins[pin.index].muted;
        span.end = piece;
        if (const auto length = duration_of(body.length, pin.time, project))
            span.end =
                round_to_frame(pin.time + *length - lead, settings.frame_rate, settings.rounding).frame +
                body.later;
        spans.push_back(span);
    }
    std::stable_sort(spans.begin(), spans.end(), [](const AppearanceSpan& a, const AppearanceSpan& b) {
        return a.comes != b.comes ? a.comes < b.comes : a.pin < b.pin;
    });
    std::map<int, AppearanceSpan*> before; // of each row
    for (auto& span : spans) {
        if (span.muted)
            continue;
        auto& last = before[span.row];
        if (last &&
            std::get<AppearanceBody>(lane.pins[last->index].body).length.unit == Length::Unit::UntilNext)
            last->end = span.comes;
        last = &span;
    }
    for (auto& span : spans)
        span.end = std::max(span.end, span.comes + Frames(1));
    return spans;
}

} // namespace pulsepin
