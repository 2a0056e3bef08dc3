// SPDX-License-Identifier: GPL-3.0-or-later
#include "sheets/bar_line.h"

#include <cmath>

namespace pulsepin {

std::vector<BarOnSheet> bars_of(const Project& project, Seconds from, Seconds until) {
    std::vector<BarOnSheet> bars;
    if (!project.grid) {
        for (auto bar = static_cast<std::int64_t>(std::floor(from.value / 4));
             Seconds(4.0 * static_cast<double>(bar)) < until; ++bar) {
            const double start = 4.0 * static_cast<double>(bar);
            bars.push_back({std::to_string(4 * bar) + " s",
                            {Seconds(start), Seconds(start + 1), Seconds(start + 2), Seconds(start + 3)},
                            Seconds(start + 4)});
        }
        return bars;
    }
    const BeatGrid& grid = *project.grid;
    // What begins a thousandth of a beat later begins there.
    const auto tick = static_cast<std::int64_t>(std::floor(grid.beats_at(from).value * ticks_per_beat + 1));
    for (std::int64_t bar = grid.position_of(Ticks(tick)).bar;; ++bar) {
        const Ticks start = grid.ticks_of({bar, 1, 0}), next = grid.ticks_of({bar + 1, 1, 0});
        if (grid.time_at(start) >= until - Seconds(1e-6))
            return bars;
        BarOnSheet one{std::to_string(bar), {}, grid.time_at(next)};
        for (Ticks at = start; at < next; at += Ticks(ticks_per_beat))
            one.beats.push_back(grid.time_at(at));
        bars.push_back(std::move(one));
    }
}

} // namespace pulsepin
