// SPDX-License-Identifier: GPL-3.0-or-later
#include "time/grid_edits.h"

#include <algorithm>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin {
namespace {

Result<BeatGrid> with_times(const BeatGrid& grid, auto&& time_of_beat) {
    auto beats = grid.beats();
    for (std::size_t i = 0; i < beats.size(); ++i) {
        beats[i].time = time_of_beat(i, beats[i].time);
        beats[i].origin = std::max(beats[i].origin, BeatOrigin::Corrected);
    }
    return BeatGrid::make(std::move(beats), grid.first_beat(), grid.metres());
}

} // namespace

Result<BeatGrid> with_tempo_ratio(const BeatGrid& grid, int beats, int of) {
    if (beats < 1 || beats > 16 || of < 1 || of > 16)
        return fail("A tempo can change by a ratio of 1 to 16 only.");
    const auto first_old = grid.first_beat(), last_old = grid.last_beat();
    const double tempo = grid.typical_tempo().value * beats / of;
    if (tempo < slowest_grid.value * 0.999999 || tempo > fastest_grid.value * 1.000001)
        return fail(
            fmt::format("That would be {:.4g} beats a minute: the tempo stays as it is.", tempo), {},
            fmt::format("A grid has {:g} to {:g} beats a minute.", slowest_grid.value, fastest_grid.value));
    std::vector<GridBeat> out;
    std::int64_t first = 0;
    // Whoever says how fast the beats are says so of all of them: how sure they were told to be is past.
    // Beat 0 survives, so that bar 1 stays where it is.
    for (auto k = -(-first_old * beats / of) - 1; k * of <= last_old * beats; ++k) {
        const auto place = k * of; // in parts of an old beat
        if (place < first_old * beats)
            continue;
        if (out.empty())
            first = k;
        const auto left = place >= 0 ? place / beats : -((-place + beats - 1) / beats);
        const auto& before = grid.beats()[static_cast<std::size_t>(left - first_old)];
        if (left * beats == place) {
            out.push_back({before.time, 1.0f, before.origin});
            continue;
        }
        const auto& after = grid.beats()[static_cast<std::size_t>(left + 1 - first_old)];
        const double share = static_cast<double>(place - left * beats) / static_cast<double>(beats);
        const bool found = before.origin == BeatOrigin::Found && after.origin == BeatOrigin::Found;
        out.push_back({before.time + (after.time - before.time) * share, 1.0f,
                       found ? BeatOrigin::Found : BeatOrigin::Corrected});
    }
    std::vector<MetreChange> metres{{0, grid.metre_at(Ticks(0))}};
    for (const auto& change : grid.metres())
        if (change.beat > 0 && change.beat * beats % of == 0)
            metres.push_back({change.beat * beats / of, change.metre});
    return BeatGrid::make(std::move(out), first, std::move(metres));
}

Result<BeatGrid> with_bar_one_at(const BeatGrid& grid, std::int64_t beat) {
    const auto& metres = grid.metres();
    const auto here = grid.metre_at(Ticks(beat * ticks_per_beat));
    std::vector<MetreChange> kept{{0, here}};
    // The first metre holds from the beginning on: where it began counting is what is named anew.
    for (std::size_t i = 1; i < metres.size(); ++i)
        if (metres[i].beat > beat)
            kept.push_back({metres[i].beat - beat, metres[i].metre});
    return BeatGrid::make(grid.beats(), grid.first_beat() - beat, std::move(kept));
}

Result<BeatGrid> with_metre(const BeatGrid& grid, Metre metre) {
    return BeatGrid::make(grid.beats(), grid.first_beat(), {{0, metre}});
}

Result<BeatGrid> shifted(const BeatGrid& grid, Seconds by) {
    return with_times(grid, [by](std::size_t, Seconds time) { return time + by; });
}

Result<BeatGrid> with_mean_tempo(const BeatGrid& grid, Bpm tempo) {
    if (!(tempo >= slowest_grid && tempo <= fastest_grid))
        return fail(fmt::format("A tempo must lie between {:g} and {:g} beats a minute.", slowest_grid.value,
                                fastest_grid.value));
    const double stretch = grid.mean_tempo() / tempo;
    const auto centre = grid.time_at(Ticks(0));
    return with_times(grid, [=](std::size_t, Seconds time) { return centre + (time - centre) * stretch; });
}

} // namespace pulsepin
