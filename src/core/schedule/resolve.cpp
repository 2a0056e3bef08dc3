// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/resolve.h"

#include <algorithm>

namespace pulsepin {
ResolvedLane resolve(const Project& project, const Lane& lane) {
    const auto rate = project.settings->frame_rate;
    const Seconds lead = rate.start_of(lane.lead);
    ResolvedLane resolved{lane.id, {}};
    resolved.pins.reserve(lane.pins.size());
    for (std::size_t i = 0; i < lane.pins.size(); ++i) {
        const Pin& pin = lane.pins[i];
        const auto time = anchored_time(pin.anchor, project);
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
