// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/copying.h"

#include "schedule/find_pins.h"
#include "schedule/picker.h"

namespace pulsepin {

Result<Copied> pasted_on_picked(const Project& project, const Clipping& clipping, const Picker& picker,
                                Seconds from) {
    const auto picked = pick(picker, project);
    if (!picked)
        return tl::unexpected(picked.error());
    constexpr Seconds rounding(0.001);
    std::vector<Ticks> places;
    for (const auto& place : *picked)
        if (place.time >= from - rounding)
            places.push_back(place.at);
    if (places.empty())
        return fail("The stop “Place” picks no place after the playhead.");
    return pasted_on(project, clipping, places);
}

std::optional<Stretch> stretch_to_repeat(const Schedule& schedule, const PinSet& pins,
                                         const std::optional<TimeSpan>& range) {
    const auto& grid = schedule.project().grid;
    if (!grid || pins.empty())
        return std::nullopt;
    if (range)
        return Stretch{grid->nearest_beat(range->from), grid->nearest_beat(range->until)};
    const auto span = span_of(schedule, pins);
    if (!span)
        return std::nullopt;
    const auto bar_of = [&](Seconds time) { return grid->position_of(grid->nearest_tick(time)).bar; };
    return Stretch{grid->ticks_of({bar_of(span->from), 1, 0}),
                   grid->ticks_of({bar_of(span->until) + 1, 1, 0})};
}

} // namespace pulsepin
