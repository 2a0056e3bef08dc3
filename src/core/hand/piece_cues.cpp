// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/piece_cues.h"

#include "media/wav_cues.h"
#include "schedule/lasting.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

std::string cues_of_piece(const Schedule& schedule, std::int64_t sample_rate) {
    const Project& project = schedule.project();
    const auto samples = [&](Seconds time) {
        return Samples(std::llround(time.value * static_cast<double>(sample_rate)));
    };
    std::vector<WavCue> cues;
    for (std::size_t i = 0; i < schedule.size(); ++i) {
        const Lane& lane = *project.lanes[i];
        if (!holds<MarkerBody>(lane.kind) || lane.muted)
            continue;
        for (const auto& pin : schedule[i].pins) {
            const auto& marker = body_of<MarkerBody>(lane.pins[pin.index].body);
            if (lane.pins[pin.index].muted)
                continue;
            const auto lasts = duration_of(marker.length, pin.time, project);
            cues.push_back(
                {samples(pin.time), lasts ? samples(*lasts) : Samples(0), marker.name, marker.note});
        }
    }
    std::ranges::stable_sort(cues, {}, &WavCue::at);
    return broadcast_chunk(project.settings->title, project.settings->author, Samples(0)) + cue_chunks(cues);
}

} // namespace pulsepin
