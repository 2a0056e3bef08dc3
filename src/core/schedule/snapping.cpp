// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/snapping.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace pulsepin {
namespace {

using Place = std::optional<Seconds>;
using Range = std::optional<TimeSpan>;

void nearer(Place& found, Seconds candidate, Seconds time) {
    if (!found || std::abs((candidate - time).value) < std::abs((*found - time).value))
        found = candidate;
}

template <int parts>
Place part_of_beat(const Schedule& schedule, const Range&, Seconds time) {
    const auto& grid = schedule.project().grid;
    if (!grid)
        return std::nullopt;
    const double place = std::round(grid->beats_at(time).value * parts) / parts;
    return grid->time_at(Beats(place));
}

Place onset(const Schedule& schedule, const Range&, Seconds time) {
    Place found;
    if (const auto& detection = schedule.project().detection)
        for (const auto& row : detection->rows) {
            const auto after =
                std::lower_bound(row.onsets.begin(), row.onsets.end(), time,
                                 [](const FoundOnset& one, Seconds t) { return one.time < t; });
            if (after != row.onsets.end())
                nearer(found, after->time, time);
            if (after != row.onsets.begin())
                nearer(found, (after - 1)->time, time);
        }
    return found;
}

Place pin_of(const Schedule& schedule, Seconds time, bool markers_only) {
    Place found;
    for (std::size_t i = 0; i < schedule.size(); ++i) {
        if (markers_only && !holds<MarkerBody>(schedule.project().lanes[i]->kind))
            continue;
        const auto& pins = schedule[i].pins;
        const auto after = std::lower_bound(pins.begin(), pins.end(), time,
                                            [](const ResolvedPin& pin, Seconds t) { return pin.time < t; });
        if (after != pins.end())
            nearer(found, after->time, time);
        if (after != pins.begin())
            nearer(found, (after - 1)->time, time);
    }
    return found;
}

Place end_of_range(const Schedule&, const Range& range, Seconds time) {
    Place found;
    if (range) {
        nearer(found, range->from, time);
        nearer(found, range->until, time);
    }
    return found;
}

constexpr std::array<SnapKind, 8> table{{
    {"beats", "Beats", part_of_beat<1>, true},
    {"halves", "Halves of beats", part_of_beat<2>, true},
    {"thirds", "Thirds of beats", part_of_beat<3>, true},
    {"quarters", "Quarters of beats", part_of_beat<4>, true},
    {"onsets", "Onsets", onset},
    {"markers", "Markers", [](const Schedule& s, const Range&, Seconds t) { return pin_of(s, t, true); }},
    {"pins", "Other pins", [](const Schedule& s, const Range&, Seconds t) { return pin_of(s, t, false); }},
    {"range", "Ends of the range", end_of_range},
}};

} // namespace

std::span<const SnapKind> snap_kinds() {
    return table;
}

unsigned without_grid(unsigned kinds) {
    for (std::size_t i = 0; i < table.size(); ++i)
        if (table[i].of_grid)
            kinds &= ~(1u << i);
    return kinds;
}

std::optional<Seconds> pin_on_frame_at(const Schedule& schedule, Seconds time) {
    const auto rate = schedule.project().settings->frame_rate;
    const auto frame = [rate](Seconds t) { return round_to_frame(t, rate, FrameRounding::Nearest).frame; };
    const auto found = pin_of(schedule, time, false);
    return found && frame(*found) == frame(time) ? found : std::nullopt;
}

std::optional<Seconds> nearest_place(const Schedule& schedule, const std::optional<TimeSpan>& range,
                                     unsigned kinds, Seconds time) {
    Place found;
    for (std::size_t i = 0; i < table.size(); ++i)
        if (kinds & (1u << i))
            if (const auto place = table[i].nearest(schedule, range, time))
                nearer(found, *place, time);
    return found;
}

} // namespace pulsepin
