// SPDX-License-Identifier: GPL-3.0-or-later
#include "time/beat_grid.h"

#include "base/whole.h"

#include <algorithm>
#include <cmath>
#include <fmt/core.h>
#include <utility>

namespace pulsepin {
namespace {

std::int64_t floor_divide(std::int64_t a, std::int64_t b) {
    return a / b - (a % b != 0 && (a < 0) != (b < 0));
}

std::int64_t bars_between(std::int64_t from_beat, std::int64_t to_beat, const Metre& metre) {
    return floor_divide(to_beat - from_beat + metre.beats_per_bar - 1, metre.beats_per_bar);
}

Result<void> check_times(const std::vector<GridBeat>& beats) {
    for (std::size_t i = 0; i < beats.size(); ++i) {
        if (!(std::abs(beats[i].time.value) <= furthest_time.value))
            return fail(
                fmt::format("A beat at {:g} s is no place in a piece of music.", beats[i].time.value));
        if (i == 0)
            continue;
        const Seconds apart = beats[i].time - beats[i - 1].time;
        if (apart <= Seconds(0))
            return fail("The beats are not in rising order.");
        if (apart < shortest_interval)
            return fail(fmt::format("Two beats at {:.3f} s are only {:.3g} ms apart.", beats[i].time.value,
                                    apart.value * 1000),
                        {}, fmt::format("Beats are at least {:g} ms apart.", shortest_interval.value * 1000));
        if (apart > longest_interval)
            return fail(fmt::format("The beats before and after {:.0f} s are more than an hour apart.",
                                    beats[i - 1].time.value));
    }
    return {};
}

} // namespace

std::span<const Metre> common_metres() {
    static constexpr Metre metres[] = {{2, 4}, {3, 4}, {4, 4}, {5, 4}, {6, 4}, {7, 4},
                                       {5, 8}, {6, 8}, {7, 8}, {9, 8}, {12, 8}};
    return metres;
}

Result<BeatGrid> BeatGrid::make(std::vector<GridBeat> beats, std::int64_t first_beat,
                                std::vector<MetreChange> metres) {
    if (beats.size() < 2)
        return fail("A grid needs at least two beats.");
    if (beats.size() > most_beats)
        return fail(fmt::format("A grid of {} beats is too large.", beats.size()), {},
                    fmt::format("There can be {}.", most_beats));
    if (auto times = check_times(beats); !times)
        return tl::unexpected(times.error());
    if (std::abs(first_beat) > furthest_beat)
        return fail("The beats are numbered too far from bar 1.");
    if (metres.empty())
        metres.push_back({});
    for (std::size_t i = 0; i < metres.size(); ++i) {
        const auto& metre = metres[i].metre;
        if (metre.beats_per_bar < 1 || metre.beats_per_bar > 32 || metre.beat_unit < 1 ||
            metre.beat_unit > 64)
            return fail("A metre must have 1 to 32 beats a bar.");
        if (std::abs(metres[i].beat) > furthest_beat)
            return fail("A change of metre lies too far from bar 1.");
        if (i > 0 && metres[i].beat <= metres[i - 1].beat)
            return fail("The changes of metre are not in rising order.");
    }
    BeatGrid grid;
    grid.beats_ = std::move(beats);
    grid.first_beat_ = first_beat;
    grid.metres_ = std::move(metres);
    return grid;
}

Result<BeatGrid> of_usual_tempo(Result<BeatGrid> grid) {
    constexpr double slack = 1e-6; // what rounding adds
    const Bpm tempo = grid ? grid->typical_tempo() : slowest_grid;
    if (tempo < slowest_grid * (1 - slack) || tempo > fastest_grid * (1 + slack))
        return fail(
            fmt::format("That would be {:.4g} beats a minute.", tempo.value), {},
            fmt::format("A grid has {:g} to {:g} beats a minute.", slowest_grid.value, fastest_grid.value));
    return grid;
}

Result<BeatGrid> BeatGrid::steady(Bpm tempo, Seconds bar_one, Metre metre, Seconds until) {
    if (!(tempo >= slowest_grid && tempo <= fastest_grid))
        return fail(fmt::format("A tempo must lie between {:g} and {:g} beats a minute.", slowest_grid.value,
                                fastest_grid.value));
    if (!(std::abs(bar_one.value) <= furthest_time.value) || !(std::abs(until.value) <= furthest_time.value))
        return fail("The times of a steady grid must be finite.");
    const double interval = 60.0 / tempo.value;
    const auto first = static_cast<std::int64_t>(std::ceil(-bar_one.value / interval - 1e-9));
    const auto last =
        std::max(first + 1, static_cast<std::int64_t>(std::floor((until - bar_one).value / interval + 1e-9)));
    std::vector<GridBeat> beats;
    beats.reserve(static_cast<std::size_t>(last - first + 1));
    for (auto i = first; i <= last; ++i)
        beats.push_back({bar_one + Seconds(static_cast<double>(i) * interval), 1.0f, BeatOrigin::Corrected});
    return make(std::move(beats), first, {{0, metre}});
}

Seconds BeatGrid::time_at(Ticks position) const {
    return time_at(Beats(static_cast<double>(position.value) / static_cast<double>(ticks_per_beat)));
}

Seconds BeatGrid::time_at(Beats position) const {
    const double index = position.value - static_cast<double>(first_beat_);
    const auto last_interval = static_cast<double>(beats_.size() - 2);
    const auto interval = static_cast<std::size_t>(std::clamp(std::floor(index), 0.0, last_interval));
    const Seconds start = beats_[interval].time;
    return start + (beats_[interval + 1].time - start) * (index - static_cast<double>(interval));
}

Beats BeatGrid::beats_at(Seconds time) const {
    const auto after = std::upper_bound(beats_.begin(), beats_.end(), time,
                                        [](Seconds t, const GridBeat& beat) { return t < beat.time; });
    const auto interval = std::clamp<std::ptrdiff_t>(after - beats_.begin() - 1, 0,
                                                     static_cast<std::ptrdiff_t>(beats_.size()) - 2);
    const auto i = static_cast<std::size_t>(interval);
    const double share = (time - beats_[i].time) / (beats_[i + 1].time - beats_[i].time);
    return Beats(static_cast<double>(first_beat_ + interval) + share);
}

Ticks BeatGrid::nearest_tick(Seconds time) const {
    return Ticks(nearest_whole(beats_at(time).value * static_cast<double>(ticks_per_beat)));
}

Ticks BeatGrid::nearest_beat(Seconds time) const {
    // Half way in time, not in ticks: both are the same inside an interval.
    return Ticks(nearest_whole(beats_at(time).value) * ticks_per_beat);
}

const MetreChange& BeatGrid::metre_from(std::int64_t beat, std::int64_t* bar_of_change) const {
    // Bars are numbered from beat 0, whichever metre holds there; changes before it count backwards.
    std::size_t zero = 0;
    while (zero + 1 < metres_.size() && metres_[zero + 1].beat <= 0)
        ++zero;
    std::size_t at = zero;
    std::int64_t bar = 1 - bars_between(metres_[zero].beat, 0, metres_[zero].metre);
    if (metres_[zero].beat > 0)
        bar = 1 + floor_divide(metres_[zero].beat, metres_[zero].metre.beats_per_bar);
    while (at + 1 < metres_.size() && metres_[at + 1].beat <= beat) {
        bar += bars_between(metres_[at].beat, metres_[at + 1].beat, metres_[at].metre);
        ++at;
    }
    while (at > 0 && metres_[at].beat > beat) {
        --at;
        bar -= bars_between(metres_[at].beat, metres_[at + 1].beat, metres_[at].metre);
    }
    if (bar_of_change)
        *bar_of_change = bar;
    return metres_[at];
}

MusicalPosition BeatGrid::position_of(Ticks ticks) const {
    const auto beat = floor_divide(ticks.value, ticks_per_beat);
    std::int64_t bar = 0;
    const auto& change = metre_from(beat, &bar);
    const auto into = beat - change.beat;
    const auto length = change.metre.beats_per_bar;
    const auto bars = floor_divide(into, length);
    return {bar + bars, static_cast<int>(into - bars * length) + 1,
            static_cast<int>(ticks.value - beat * ticks_per_beat)};
}

Ticks BeatGrid::ticks_of(MusicalPosition position) const {
    // The change that holds in that bar is the last one whose bar is not later.
    std::int64_t bar = 0;
    (void)metre_from(metres_.front().beat, &bar);
    std::size_t at = 0;
    while (at + 1 < metres_.size()) {
        const auto next_bar = bar + bars_between(metres_[at].beat, metres_[at + 1].beat, metres_[at].metre);
        if (next_bar > position.bar)
            break;
        bar = next_bar;
        ++at;
    }
    const auto& change = metres_[at];
    const auto beat = change.beat + (position.bar - bar) * change.metre.beats_per_bar + (position.beat - 1);
    return Ticks(beat * ticks_per_beat + position.tick);
}

Metre BeatGrid::metre_at(Ticks ticks) const {
    return metre_from(floor_divide(ticks.value, ticks_per_beat), nullptr).metre;
}

bool BeatGrid::is_downbeat(std::int64_t beat) const {
    return position_of(Ticks(beat * ticks_per_beat)).beat == 1;
}

Bpm BeatGrid::tempo_at(Seconds time) const {
    const double at = std::floor(beats_at(time).value);
    return Bpm(60.0 / (time_at(Beats(at + 1)) - time_at(Beats(at))).value);
}

Bpm BeatGrid::mean_tempo() const {
    return Bpm(60.0 * static_cast<double>(beats_.size() - 1) /
               (beats_.back().time - beats_.front().time).value);
}

Bpm BeatGrid::typical_tempo() const {
    std::vector<double> intervals;
    for (std::size_t i = 1; i < beats_.size(); ++i)
        intervals.push_back((beats_[i].time - beats_[i - 1].time).value);
    const auto middle = intervals.begin() + static_cast<std::ptrdiff_t>(intervals.size() / 2);
    std::nth_element(intervals.begin(), middle, intervals.end());
    return Bpm(60.0 / *middle);
}

} // namespace pulsepin
