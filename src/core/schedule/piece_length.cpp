// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/piece_length.h"

#include "base/whole.h"
#include "model/anchored_time.h"
#include "model/lane_kind.h"

#include <algorithm>

namespace pulsepin {

Seconds piece_end(const Project& project) {
    const Settings& settings = *project.settings;
    if (settings.ends)
        return *settings.ends;
    Seconds end = project.song ? project.song->duration() : Seconds(0);
    for (const auto& lane : project.lanes) {
        if (!holds<SoundBody>(lane->kind) || lane->muted)
            continue;
        const Seconds lead = time_of(lane->lead, settings.frame_rate);
        for (const auto& pin : lane->pins)
            if (const auto at = pin.muted ? std::nullopt : anchored_time(pin.anchor, project))
                end = std::max(end, *at - lead + body_of<SoundBody>(pin.body).length);
    }
    return end;
}

Frames piece_length(const Project& project) {
    if (!project.song)
        return Frames(0);
    const auto rate = project.settings->frame_rate;
    return Frames(ceil_whole(piece_end(project).value * rate.per_second() - 1e-6));
}

} // namespace pulsepin
