// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/resolve.h"

#include <algorithm>

namespace pulsepin {
namespace {

constexpr int deepest_chain = 64; // markers tied to markers; longer can only be a ring

std::optional<Seconds> time_of(const Anchor& anchor, const Project& project, int depth) {
    const auto rate = project.settings->frame_rate;
    if (const auto* loose = std::get_if<TimeAnchor>(&anchor))
        return loose->at;
    if (const auto* musical = std::get_if<MusicalAnchor>(&anchor)) {
        if (!project.grid)
            return std::nullopt;
        return project.grid->time_at(musical->at) + time_of(musical->offset, rate);
    }
    const auto& tied = std::get<MarkerAnchor>(anchor);
    const Pin* marker = project.pin(tied.marker);
    if (!marker || depth >= deepest_chain)
        return std::nullopt;
    const auto base = time_of(marker->anchor, project, depth + 1);
    if (!base)
        return std::nullopt;
    return *base + time_of(tied.offset, rate);
}

} // namespace

std::optional<Seconds> time_of(const Anchor& anchor, const Project& project) {
    return time_of(anchor, project, 0);
}

ResolvedLane resolve(const Project& project, const Lane& lane) {
    const auto rate = project.settings->frame_rate;
    const Seconds lead = rate.start_of(lane.lead);
    ResolvedLane resolved{lane.id, {}};
    resolved.pins.reserve(lane.pins.size());
    for (std::size_t i = 0; i < lane.pins.size(); ++i) {
        const Pin& pin = lane.pins[i];
        const auto time = time_of(pin.anchor, project);
        if (!time)
            continue;
        const Seconds acts_at = *time - lead;
        const auto rounded = round_to_frame(acts_at, rate, project.settings->rounding);
        resolved.pins.push_back({pin.id, *time, acts_at, rounded.frame, rounded.error,
                                 !std::holds_alternative<TimeAnchor>(pin.anchor), i});
    }
    std::sort(resolved.pins.begin(), resolved.pins.end(), [](const ResolvedPin& a, const ResolvedPin& b) {
        return a.time != b.time ? a.time < b.time : a.id < b.id;
    });
    return resolved;
}

Schedule resolve(const Project& project) {
    Schedule schedule;
    for (const auto& lane : project.lanes)
        schedule.push_back(resolve(project, *lane));
    return schedule;
}

} // namespace pulsepin
