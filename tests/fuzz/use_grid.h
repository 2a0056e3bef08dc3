// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "time/beat_grid.h"
#include "time/grid_edits.h"

#include <cmath>
#include <cstdlib>

namespace pulsepin::fuzz {

inline void demand(bool holds) {
    if (!holds)
        std::abort();
}

/// What a person could do with a grid that was read: it is total, and its two functions are inverse.
inline void use(const BeatGrid& grid) {
    for (const double time : {-1e6, -1.0, 0.0, 0.5, grid.beats()[grid.beats().size() / 2].time.value, 1e6}) {
        const auto beats = grid.beats_at(Seconds(time));
        demand(std::isfinite(beats.value) && std::isfinite(grid.tempo_at(Seconds(time)).value));
        (void)grid.position_of(grid.nearest_tick(Seconds(time)));
        (void)grid.nearest_beat(Seconds(time));
    }
    const Seconds inside = grid.beats().front().time;
    demand(std::abs((grid.time_at(grid.beats_at(inside)) - inside).value) < 1e-6);
    (void)grid.ticks_of({1, 1, 0});
    if (const auto twice = with_tempo_ratio(grid, 2, 1))
        demand(twice->beats().size() >= grid.beats().size());
    (void)with_tempo_ratio(grid, 1, 2);
}

} // namespace pulsepin::fuzz
