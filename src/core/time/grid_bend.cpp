// SPDX-License-Identifier: GPL-3.0-or-later
#include "time/grid_bend.h"

#include "time/grid_edits.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

bool is_beat(const BeatGrid& grid, std::int64_t beat) {
    return beat >= grid.first_beat() && beat <= grid.last_beat();
}

std::size_t index_of(const BeatGrid& grid, std::int64_t beat) {
    return static_cast<std::size_t>(beat - grid.first_beat());
}

tl::unexpected<Error> no_such_beat() {
    return fail("There is no such beat.");
}

/// The beat on one side (-1, 1) that stays where it is; none when that whole side moves along.
std::optional<std::size_t> fixed_beat(const BeatGrid& grid, std::size_t at, int side, BendReach reach) {
    const auto& beats = grid.beats();
    const auto number = grid.first_beat() + static_cast<std::int64_t>(at);
    const int bar =
        reach == BendReach::OnlyThis ? 1 : grid.metre_at(Ticks(number * ticks_per_beat)).beats_per_bar;
    auto i = static_cast<std::ptrdiff_t>(at);
    for (int steps = 1;; ++steps) {
        i += side;
        if (i < 0 || i >= static_cast<std::ptrdiff_t>(beats.size()))
            return std::nullopt;
        const auto here = static_cast<std::size_t>(i);
        if (beats[here].origin == BeatOrigin::Held || (reach != BendReach::Held && steps >= bar))
            return here;
    }
}

void spread(std::vector<GridBeat>& beats, std::size_t fixed, std::size_t moved, Seconds old, Seconds now) {
    const Seconds anchor = beats[fixed].time;
    const double stretch = (now - anchor) / (old - anchor);
    for (std::size_t i = std::min(fixed, moved) + 1; i < std::max(fixed, moved); ++i) {
        beats[i].time = anchor + (beats[i].time - anchor) * stretch;
        beats[i].origin = std::max(beats[i].origin, BeatOrigin::Corrected);
    }
}

void shift(std::vector<GridBeat>& beats, std::size_t from, std::size_t until, Seconds by) {
    for (std::size_t i = from; i < until; ++i) {
        beats[i].time += by;
        beats[i].origin = std::max(beats[i].origin, BeatOrigin::Corrected);
    }
}

/// Changes of metre that lie behind `beat` move along with the beats that carry them.
std::vector<MetreChange> moved_behind(std::vector<MetreChange> metres, std::int64_t beat, std::int64_t by) {
    std::vector<MetreChange> out;
    for (auto change : metres) {
        if (change.beat > beat)
            change.beat += by;
        if (out.empty() || change.beat > out.back().beat)
            out.push_back(change);
        else
            out.back().metre = change.metre;
    }
    return out;
}

std::vector<MetreChange> moved_in_front(std::vector<MetreChange> metres, std::int64_t beat, std::int64_t by) {
    for (auto& change : metres)
        if (change.beat < beat)
            change.beat += by;
    return metres;
}

} // namespace

Result<BeatGrid> with_beat_moved(const BeatGrid& grid, std::int64_t beat, Seconds to, BendReach reach) {
    if (!is_beat(grid, beat) || !std::isfinite(to.value))
        return no_such_beat();
    auto beats = grid.beats();
    const std::size_t at = index_of(grid, beat);
    const auto left = fixed_beat(grid, at, -1, reach), right = fixed_beat(grid, at, 1, reach);
    if (left)
        to = std::max(to, beats[*left].time + least_beat * static_cast<double>(at - *left));
    if (right)
        to = std::min(to, beats[*right].time - least_beat * static_cast<double>(*right - at));
    const Seconds old = beats[at].time;
    if (left)
        spread(beats, *left, at, old, to);
    else
        shift(beats, 0, at, to - old);
    if (right)
        spread(beats, *right, at, old, to);
    else
        shift(beats, at + 1, beats.size(), to - old);
    beats[at].time = to;
    beats[at].origin = BeatOrigin::Held;
    return BeatGrid::make(std::move(beats), grid.first_beat(), grid.metres());
}

Result<BeatGrid> with_beat_held(const BeatGrid& grid, std::int64_t beat, bool held) {
    if (!is_beat(grid, beat))
        return no_such_beat();
    auto beats = grid.beats();
    beats[index_of(grid, beat)].origin = held ? BeatOrigin::Held : BeatOrigin::Corrected;
    return BeatGrid::make(std::move(beats), grid.first_beat(), grid.metres());
}

Result<BeatGrid> with_beat_added(const BeatGrid& grid, Seconds time) {
    auto beats = grid.beats();
    const auto after =
        std::find_if(beats.begin(), beats.end(), [&](const GridBeat& b) { return b.time > time; });
    const bool close_behind = after != beats.begin() && time - (after - 1)->time < least_beat;
    const bool close_before = after != beats.end() && after->time - time < least_beat;
    if (!std::isfinite(time.value) || close_behind || close_before)
        return fail("There is a beat already.");
    const auto number = grid.first_beat() + (after - beats.begin());
    const bool in_front = number <= 0;
    beats.insert(after, {time, 1.0f, BeatOrigin::Corrected});
    return BeatGrid::make(std::move(beats), in_front ? grid.first_beat() - 1 : grid.first_beat(),
                          in_front ? moved_in_front(grid.metres(), number, -1)
                                   : moved_behind(grid.metres(), number - 1, 1));
}

Result<BeatGrid> without_beat(const BeatGrid& grid, std::int64_t beat) {
    if (!is_beat(grid, beat))
        return no_such_beat();
    auto beats = grid.beats();
    if (beats.size() <= 2)
        return fail("A grid needs at least two beats.");
    beats.erase(beats.begin() + static_cast<std::ptrdiff_t>(index_of(grid, beat)));
    const bool in_front = beat < 0;
    return BeatGrid::make(std::move(beats), in_front ? grid.first_beat() + 1 : grid.first_beat(),
                          in_front ? moved_in_front(grid.metres(), beat, 1)
                                   : moved_behind(grid.metres(), beat, -1));
}

Result<BeatGrid> with_beats_between(const BeatGrid& grid, std::int64_t from, std::int64_t to,
                                    std::int64_t count) {
    if (!is_beat(grid, from) || !is_beat(grid, to) || from >= to)
        return no_such_beat();
    const auto& old = grid.beats();
    const std::size_t first = index_of(grid, from), last = index_of(grid, to);
    const Seconds start = old[first].time, length = old[last].time - start;
    if (count < 1 || length / static_cast<double>(count) < least_beat)
        return fail("That many beats do not fit between these two.");
    std::vector<GridBeat> beats(old.begin(), old.begin() + static_cast<std::ptrdiff_t>(first) + 1);
    for (std::int64_t i = 1; i < count; ++i)
        beats.push_back({start + length * (static_cast<double>(i) / static_cast<double>(count)), 1.0f,
                         BeatOrigin::Corrected});
    beats.insert(beats.end(), old.begin() + static_cast<std::ptrdiff_t>(last), old.end());
    const auto by = count - (to - from);
    if (to <= 0)
        return BeatGrid::make(std::move(beats), grid.first_beat() - by,
                              moved_in_front(grid.metres(), to, -by));
    return BeatGrid::make(std::move(beats), grid.first_beat(), moved_behind(grid.metres(), from, by));
}

std::optional<std::int64_t> held_before(const BeatGrid& grid, std::int64_t beat) {
    for (auto i = std::min(beat, grid.last_beat()); i >= grid.first_beat(); --i)
        if (grid.beats()[index_of(grid, i)].origin == BeatOrigin::Held)
            return i;
    return std::nullopt;
}

std::optional<std::int64_t> held_after(const BeatGrid& grid, std::int64_t beat) {
    for (auto i = std::max(beat + 1, grid.first_beat()); i <= grid.last_beat(); ++i)
        if (grid.beats()[index_of(grid, i)].origin == BeatOrigin::Held)
            return i;
    return std::nullopt;
}

Result<BeatGrid> with_held_of(const BeatGrid& found, const BeatGrid& before, bool keep_bar_one) {
    auto beats = found.beats();
    const auto near = [&](Seconds time) -> std::optional<std::size_t> {
        const auto beat = found.nearest_beat(time).value / ticks_per_beat;
        if (!is_beat(found, beat))
            return std::nullopt;
        const std::size_t at = index_of(found, beat);
        const double apart = std::abs((found.beats()[at].time - time).value);
        return apart < 0.25 * 60 / found.tempo_at(time).value ? std::optional(at) : std::nullopt;
    };
    for (const auto& held : before.beats())
        if (held.origin == BeatOrigin::Held)
            if (const auto at = near(held.time))
                beats[*at] = held;
    auto out = BeatGrid::make(std::move(beats), found.first_beat(), found.metres());
    if (!out || !keep_bar_one)
        return out;
    const auto bar_one = near(before.time_at(Ticks(0)));
    return bar_one ? with_bar_one_at(*out, out->first_beat() + static_cast<std::int64_t>(*bar_one)) : out;
}

Result<BeatGrid> with_metre_from(const BeatGrid& grid, std::int64_t beat, Metre metre) {
    std::vector<MetreChange> metres;
    bool put = false;
    for (const auto& change : grid.metres()) {
        if (!put && change.beat >= beat) {
            metres.push_back({beat, metre});
            put = true;
        }
        if (change.beat != beat)
            metres.push_back(change);
    }
    if (!put)
        metres.push_back({beat, metre});
    return BeatGrid::make(grid.beats(), grid.first_beat(), std::move(metres));
}

Result<BeatGrid> on_the_off_beats(const BeatGrid& grid) {
    auto beats = grid.beats();
    for (std::size_t i = 0; i < beats.size(); ++i) {
        beats[i].time =
            grid.time_at(Beats(static_cast<double>(grid.first_beat() + static_cast<std::int64_t>(i)) + 0.5));
        beats[i].origin = BeatOrigin::Corrected;
    }
    return BeatGrid::make(std::move(beats), grid.first_beat(), grid.metres());
}

} // namespace pulsepin
