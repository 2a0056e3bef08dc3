// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/shots.h"

#include "base/whole.h"
#include "model/anchored_time.h"
#include "model/lane_kind.h"
#include "schedule/piece_length.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

namespace {

bool reaches_beyond(const ShotSpan& span, Seconds clip, FrameRate rate) {
    const Seconds far = span.in_point + Seconds(rate.start_of(span.length()).value * span.speed);
    return std::min(span.in_point, far) < Seconds(-1e-6) ||
           std::max(span.in_point, far) > clip + Seconds(1e-6);
}

} // namespace

std::vector<ShotSpan> shots_of(const Project& project, const Lane& lane) {
    return shots_of(project, lane, resolve(project, lane));
}

std::vector<ShotSpan> shots_of(const Project& project, const Lane& lane, const ResolvedLane& resolved_lane) {
    const auto rate = project.settings->frame_rate;
    const Frames end = piece_length(project);
    auto pins = resolved_lane.pins;
    std::stable_sort(pins.begin(), pins.end(), [](const ResolvedPin& a, const ResolvedPin& b) {
        return a.frame != b.frame ? a.frame < b.frame : a.id < b.id;
    });
    std::vector<ShotSpan> spans;
    int number = 0;
    for (const auto& resolved : pins) {
        ++number;
        const auto* cut = body_if<CutBody>(&lane.pins[resolved.index].body);
        if (!cut || resolved.frame >= end || lane.muted || lane.pins[resolved.index].muted)
            continue;
        ShotSpan span{resolved.id, cut->shot, std::max(resolved.frame, Frames(0)), end, cut->in_point};
        span.fade = std::max(cut->fade, Frames(0));
        span.framing = cut->framing;
        span.speed = cut->speed / 100;
        span.change = cut->change;
        span.slate = cut->shot == ClipId{} ? number : 0;
        if (resolved.frame < Frames(0))
            span.in_point += Seconds(rate.start_of(-resolved.frame).value * span.speed);
        const Clip* clip = project.clip(cut->shot);
        if (cut->same_moment && clip && clip->begins_at)
            span.in_point = rate.start_of(span.start) - *clip->begins_at;
        while (!spans.empty() && spans.back().start >= span.start)
            spans.pop_back();
        if (!spans.empty())
            spans.back().end = span.start;
        spans.push_back(span);
    }
    for (std::size_t i = 0; i < spans.size(); ++i) {
        auto& span = spans[i];
        const Clip* clip = project.clip(span.shot);
        if (clip && !clip->still && clip->duration > Seconds(0))
            span.too_short = reaches_beyond(span, clip->duration, rate);
        // A cross-fade needs a shot to fade from, and never reaches past the middle of either.
        const bool follows = i > 0 && spans[i - 1].end == span.start;
        span.fade = follows ? std::min({span.fade, span.length(), spans[i - 1].length()}) : Frames(0);
    }
    return spans;
}

const ShotSpan* shot_at(const std::vector<ShotSpan>& shots, Frames frame) {
    const auto after = std::upper_bound(shots.begin(), shots.end(), frame,
                                        [](Frames f, const ShotSpan& span) { return f < span.start; });
    if (after == shots.begin())
        return nullptr;
    const ShotSpan& span = *(after - 1);
    return frame < span.end ? &span : nullptr;
}

double opacity_at(const ShotSpan& span, Frames frame) {
    const Frames inside = frame - fade_start(span);
    if (inside < Frames(0))
        return 0;
    if (inside >= span.fade)
        return 1;
    return (static_cast<double>(inside.value) + 1) / static_cast<double>(span.fade.value + 1);
}

Seconds clip_time(const ShotSpan& span, Frames frame, FrameRate rate) {
    return span.in_point + Seconds(rate.start_of(frame - span.start).value * span.speed);
}

} // namespace pulsepin
