// SPDX-License-Identifier: GPL-3.0-or-later
#include "time/grid_edits.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

std::int64_t modulo(std::int64_t a, std::int64_t b) {
    return ((a % b) + b) % b;
}

Result<BeatGrid> with_times(const BeatGrid& grid, auto&& time_of_beat) {
    auto beats = grid.beats();
    for (std::size_t i = 0; i < beats.size(); ++i) {
        beats[i].time = time_of_beat(i, beats[i].time);
        beats[i].origin = std::max(beats[i].origin, BeatOrigin::Corrected);
    }
    return BeatGrid::make(std::move(beats), grid.first_beat(), grid.metres());
}

} // namespace

Result<BeatGrid> with_half_tempo(const BeatGrid& grid) {
    // Beat 0 survives, so bar 1 stays where it is; other bars keep their number of beats and get twice as
    // long.
    std::vector<GridBeat> beats;
    const auto first = grid.first_beat();
    std::int64_t new_first = 0;
    for (std::size_t i = 0; i < grid.beats().size(); ++i) {
        const auto number = first + static_cast<std::int64_t>(i);
        if (modulo(number, 2) != 0)
            continue;
        if (beats.empty())
            new_first = number / 2;
        beats.push_back(grid.beats()[i]);
    }
    return BeatGrid::make(std::move(beats), new_first, {{0, grid.metre_at(Ticks(0))}});
}

Result<BeatGrid> with_double_tempo(const BeatGrid& grid) {
    std::vector<GridBeat> beats;
    const auto& old = grid.beats();
    for (std::size_t i = 0; i < old.size(); ++i) {
        beats.push_back(old[i]);
        if (i + 1 < old.size())
            beats.push_back({(old[i].time + old[i + 1].time) / 2.0,
                             std::min(old[i].confidence, old[i + 1].confidence), old[i].origin});
    }
    return BeatGrid::make(std::move(beats), grid.first_beat() * 2, {{0, grid.metre_at(Ticks(0))}});
}

Result<BeatGrid> with_bar_one_at(const BeatGrid& grid, std::int64_t beat) {
    auto metres = grid.metres();
    const auto here = grid.metre_at(Ticks(beat * ticks_per_beat));
    std::vector<MetreChange> kept{{0, here}};
    for (const auto& change : metres)
        if (change.beat > beat)
            kept.push_back({change.beat - beat, change.metre});
    return BeatGrid::make(grid.beats(), grid.first_beat() - beat, std::move(kept));
}

Result<BeatGrid> with_metre(const BeatGrid& grid, Metre metre) {
    return BeatGrid::make(grid.beats(), grid.first_beat(), {{0, metre}});
}

Result<BeatGrid> shifted(const BeatGrid& grid, Seconds by) {
    return with_times(grid, [by](std::size_t, Seconds time) { return time + by; });
}

Result<BeatGrid> made_steady(const BeatGrid& grid) {
    const auto count = static_cast<double>(grid.beats().size());
    double mean_time = 0, covariance = 0;
    const double mean_index = (count - 1) / 2;
    for (const auto& beat : grid.beats())
        mean_time += beat.time.value / count;
    for (std::size_t i = 0; i < grid.beats().size(); ++i)
        covariance += (static_cast<double>(i) - mean_index) * (grid.beats()[i].time.value - mean_time);
    const double slope = covariance / (count * (count * count - 1) / 12.0);
    return with_times(grid, [=](std::size_t i, Seconds) {
        return Seconds(mean_time + slope * (static_cast<double>(i) - mean_index));
    });
}

Result<BeatGrid> with_mean_tempo(const BeatGrid& grid, Bpm tempo) {
    if (!(tempo.value >= 10 && tempo.value <= 1000))
        return fail("A tempo must lie between 10 and 1000 beats a minute.");
    const double stretch = grid.mean_tempo() / tempo;
    const auto centre = grid.time_at(Ticks(0));
    return with_times(grid, [=](std::size_t, Seconds time) { return centre + (time - centre) * stretch; });
}

} // namespace pulsepin
