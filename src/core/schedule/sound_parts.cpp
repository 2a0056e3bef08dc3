// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/sound_parts.h"

#include <algorithm>

namespace pulsepin {

namespace {

bool any_solo(const Project& project) {
    return project.song_track->solo ||
           std::any_of(project.lanes.begin(), project.lanes.end(),
                       [](const auto& lane) { return holds<SoundBody>(lane->kind) && lane->solo; });
}

void add_parts(std::vector<SoundPart>& parts, const Lane& lane, const ResolvedLane& resolved_lane) {
    for (const auto& resolved : resolved_lane.pins) {
        const Pin& pin = lane.pins[resolved.index];
        if (const auto& body = body_of<SoundBody>(pin.body); body.length > Seconds(0) && !pin.muted)
            parts.push_back({resolved.id, resolved.acts_at, body});
    }
}

} // namespace

bool song_is_heard(const Project& project) {
    const SongTrack& track = *project.song_track;
    return !track.muted && (track.solo || !any_solo(project));
}

std::vector<SoundPart> heard_parts(const Schedule& schedule) {
    const Project& project = schedule.project();
    const bool solo = any_solo(project);
    std::vector<SoundPart> parts;
    for (std::size_t i = 0; i < project.lanes.size(); ++i)
        if (const Lane& lane = *project.lanes[i];
            holds<SoundBody>(lane.kind) && !lane.muted && (!solo || lane.solo))
            add_parts(parts, lane, schedule[i]);
    return parts;
}

std::vector<SoundPart> parts_of_lane(const Schedule& schedule, LaneId id) {
    std::vector<SoundPart> parts;
    const Project& project = schedule.project();
    for (std::size_t i = 0; i < project.lanes.size(); ++i)
        if (project.lanes[i]->id == id && holds<SoundBody>(project.lanes[i]->kind))
            add_parts(parts, *project.lanes[i], schedule[i]);
    return parts;
}

} // namespace pulsepin
