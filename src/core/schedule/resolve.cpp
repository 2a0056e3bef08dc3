// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/resolve.h"

#include <algorithm>

namespace pulsepin {
namespace {

void mark_shared_frames(const Lane& lane, std::vector<ResolvedPin>& pins) {
    const auto row = [&](const ResolvedPin& pin) { return row_of(lane.pins[pin.index].body); };
    for (std::size_t i = 1; i < pins.size(); ++i)
        for (std::size_t j = i; j-- > 0 && pins[j].frame == pins[i].frame;)
            if (row(pins[j]) == row(pins[i]))
                pins[i].shares_frame = pins[j].shares_frame = true;
}

} // namespace

ResolvedLane resolve(const Project& project, const Lane& lane) {
    return resolve(project, lane, PinLookup(project));
}

ResolvedLane resolve(const Project& project, const Lane& lane, const PinLookup& pins) {
    const auto rate = project.settings->frame_rate;
    const Seconds lead = time_of(lane.lead, rate);
    ResolvedLane resolved{lane.id, {}};
    resolved.pins.reserve(lane.pins.size());
    for (std::size_t i = 0; i < lane.pins.size(); ++i) {
        const Pin& pin = lane.pins[i];
        const auto time = anchored_time(pin.anchor, project, pins);
        if (!time)
            continue;
        const Seconds acts_at = *time - lead;
        const auto rounded = round_to_frame(acts_at, rate, project.settings->rounding);
        resolved.pins.push_back({pin.id, *time, acts_at, rounded.frame, rounded.error,
                                 !std::holds_alternative<TimeAnchor>(pin.anchor), false, i});
    }
    const auto earlier = [](const ResolvedPin& a, const ResolvedPin& b) {
        return a.time != b.time ? a.time < b.time : a.id < b.id;
    };
    if (!std::ranges::is_sorted(resolved.pins, earlier)) // mostly they are, as pins were added
        std::ranges::sort(resolved.pins, earlier);
    mark_shared_frames(lane, resolved.pins);
    return resolved;
}

Seconds moment_of(const ResolvedPin& pin, FrameRate rate) {
    // The lead makes it act earlier; what is gone to is where it lies in the music.
    const Seconds lead = pin.time - pin.acts_at;
    return std::max(pin.time, rate.start_of(pin.frame) + lead);
}

Seconds moment_of(Seconds place, const Settings& settings) {
    const auto frame = round_to_frame(place, settings.frame_rate, settings.rounding).frame;
    return std::max(place, settings.frame_rate.start_of(frame));
}

std::vector<ResolvedLane> resolve(const Project& project) {
    std::vector<ResolvedLane> schedule;
    const PinLookup pins(project);
    for (const auto& lane : project.lanes)
        schedule.push_back(resolve(project, *lane, pins));
    return schedule;
}

} // namespace pulsepin
