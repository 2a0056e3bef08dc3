// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/hits.h"

#include "base/ordinal.h"
#include "hand/driving.h"
#include "kinds/kinds.h"
#include "model/lane_edits.h"
#include "schedule/place.h"
#include "time/clock_grid.h"

#include <algorithm>

namespace pulsepin {

Picker picker_of_row(const Project& project, const std::string& row, std::optional<TimeSpan> range,
                     int every) {
    Picker picker;
    picker.source = "onsets";
    picker.values = {{"row", row}};
    if (every > 1)
        picker.filters.push_back({"every-nth", {{"n", static_cast<double>(every)}}});
    picker.by_clock = !project.grid;
    picker.whole = !range;
    if (range) {
        picker.from = project.grid ? project.grid->nearest_tick(range->from) : clock_ticks(range->from);
        picker.until = project.grid ? project.grid->nearest_tick(range->until) : clock_ticks(range->until);
    }
    return picker;
}

Result<Hits> with_hits(const Project& project, const Target& target, const std::string& row,
                       std::optional<TimeSpan> range, int every) {
    const auto has_row = [&](const Detection& found) {
        return std::ranges::any_of(found.rows, [&](const OnsetRow& one) { return one.name == row; });
    };
    if (!project.detection || !has_row(*project.detection))
        return fail("There is no row of onsets called \"" + row + "\".", {}, "Find the beats first.");
    const std::string name = target_name(project, target);
    if (name.empty())
        return fail("That drives nothing in the picture.");
    Project with =
        with_lane(project, kind_of(body_type<PulseBody>),
                  name + " on " + (every > 1 ? "every " + ordinal(every) + " " : std::string()) + row);
    const LaneId lane = with.lanes.back()->id;
    Motion motion = *part_of<Motion>(*with.lanes.back());
    motion.own = new_feed(with, target);
    auto driving = with_motion(with, lane, std::move(motion));
    if (!driving)
        return tl::unexpected(driving.error());
    auto placed = place(*driving, lane, picker_of_row(project, row, range, every));
    if (!placed)
        return tl::unexpected(placed.error());
    return Hits{std::move(placed->project), lane, placed->count};
}

} // namespace pulsepin
