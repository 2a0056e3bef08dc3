// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/piece_clicks.h"

#include <algorithm>

namespace pulsepin {
namespace {

void sort_by_time(std::vector<PieceClick>& clicks) {
    std::ranges::stable_sort(clicks, {}, &PieceClick::at);
}

} // namespace

std::vector<PieceClick> clicks_of_events(const Schedule& schedule, const Detection* detection) {
    std::vector<PieceClick> clicks;
    const auto& lanes = schedule.project().lanes;
    for (std::size_t i = 0; i < lanes.size(); ++i)
        if (lanes[i]->click > 0 && !lanes[i]->muted)
            for (const auto& pin : schedule[i].pins)
                if (!lanes[i]->pins[pin.index].muted)
                    clicks.push_back({pin.acts_at, false, lanes[i]->click});
    if (detection)
        for (const auto& row : detection->rows)
            if (row.click > 0)
                for (const auto& onset : row.onsets)
                    clicks.push_back({onset.time, false, row.click});
    sort_by_time(clicks);
    return clicks;
}

std::vector<PieceClick> clicks_of_piece(const Schedule& schedule) {
    const Project& project = schedule.project();
    auto clicks = clicks_of_events(schedule, project.detection.get());
    if (project.grid) {
        auto number = project.grid->first_beat();
        for (const auto& beat : project.grid->beats())
            clicks.push_back({beat.time, project.grid->is_downbeat(number++)});
    }
    sort_by_time(clicks);
    return clicks;
}

} // namespace pulsepin
