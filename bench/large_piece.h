// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "support/projects.h"

#include <array>

namespace pulsepin::test {

inline constexpr double seconds_of_large_piece = 3 * 3600;

/// `pins` spread evenly over `lanes` lanes of three kinds (markers, cuts, triggers) and three hours.
inline Project large_piece(int pins, int lanes) {
    constexpr double bpm = 120;
    Project project = steady_project(bpm, 0, seconds_of_large_piece);
    const std::array kinds{kind_of(body_type<MarkerBody>), kind_of(body_type<CutBody>),
                           kind_of(body_type<TriggerBody>)};
    while (static_cast<int>(project.lanes.size()) < lanes)
        project = with_lane(project, kinds[project.lanes.size() % kinds.size()], "lane");
    std::vector<const Lane*> used;
    for (const auto& lane : project.lanes)
        if (std::ranges::find(kinds, lane->kind) != kinds.end() && static_cast<int>(used.size()) < lanes)
            used.push_back(&*lane);
    const double beats = seconds_of_large_piece * bpm / 60;
    const int each = std::max(1, pins / static_cast<int>(used.size()));
    Project made = project;
    for (const Lane* lane : used) {
        std::vector<Pin> all;
        for (int i = 0; i < each; ++i) {
            Pin pin{{},
                    MusicalAnchor{Ticks(static_cast<std::int64_t>(beats * i / each * ticks_per_beat))},
                    lane->kind->empty_body(),
                    {}};
            if (auto* cut = pin.body.get_if<CutBody>())
                cut->shot = (*project.bin)[static_cast<std::size_t>(i % 6)].id;
            all.push_back(pin);
        }
        made = *with_pins(made, lane->id, all);
    }
    return made;
}

} // namespace pulsepin::test
