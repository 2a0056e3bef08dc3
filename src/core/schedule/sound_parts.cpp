// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/sound_parts.h"

#include <algorithm>

namespace pulsepin {

bool song_is_heard(const Project& project) {
    return std::none_of(project.lanes.begin(), project.lanes.end(),
                        [](const auto& lane) { return lane->kind->sounds && lane->solo; });
}

std::vector<SoundPart> heard_parts(const Schedule& schedule) {
    const Project& project = schedule.project();
    const bool solo = !song_is_heard(project);
    std::vector<SoundPart> parts;
    for (std::size_t i = 0; i < project.lanes.size(); ++i) {
        const Lane& lane = *project.lanes[i];
        if (!lane.kind->sounds || lane.muted || (solo && !lane.solo))
            continue;
        for (const auto& resolved : schedule[i].pins)
            if (const auto& body = std::get<SoundBody>(lane.pins[resolved.index].body);
                body.length > Seconds(0))
                parts.push_back({resolved.id, resolved.acts_at, body});
    }
    return parts;
}

} // namespace pulsepin
