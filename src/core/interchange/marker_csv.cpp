// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/marker_csv.h"

#include "base/csv_text.h"
#include "model/marker_looks.h"
#include "schedule/lasting.h"
#include "schedule/triggers.h"
#include "time/musical_text.h"
#include "time/timecode.h"

#include <fmt/core.h>

namespace pulsepin {

Result<std::string> write_marker_csv(const Schedule& schedule) {
    const Project& project = schedule.project();
    const auto rate = project.settings->frame_rate;
    const auto count = drop_frame_exists(rate) ? TimecodeCount::Drop : TimecodeCount::NonDrop;
    std::string text = "name,note,bar.beat,seconds,frame,timecode,rounding error ms,colour,symbol,lasts\r\n";
    bool any = false;
    for (std::size_t i = 0; i < schedule.size(); ++i) {
        const auto& lane = project.lanes[i];
        if (!holds<MarkerBody>(lane->kind))
            continue;
        for (const auto& resolved : schedule[i].pins) {
            const auto& marker = body_of<MarkerBody>(lane->pins[resolved.index].body);
            const std::string place =
                project.grid
                    ? format_position(project.grid->position_of(project.grid->nearest_tick(resolved.time)))
                    : std::string();
            text += fmt::format(
                "{},{},{},{:.6f},{},{},{:.3f},{},{},{}\r\n", quoted(marker.name), quoted(marker.note), place,
                resolved.time.value, resolved.frame.value, format_timecode(resolved.frame, rate, count),
                resolved.rounding_error.value * 1000,
                marker_colours()[static_cast<std::size_t>(marker.colour)].id,
                marker_symbols()[static_cast<std::size_t>(marker.symbol)].id, length_text(marker.length));
            any = true;
        }
    }
    if (!any)
        return fail("There are no markers to write.", {}, "Add markers first.");
    return text;
}

} // namespace pulsepin
