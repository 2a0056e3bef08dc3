// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/trigger_csv.h"

#include "base/csv_text.h"
#include "interchange/colour_text.h"
#include "schedule/triggers.h"
#include "time/musical_text.h"

#include <fmt/core.h>

namespace pulsepin {

Result<std::string> write_trigger_csv(const Schedule& schedule) {
    const Project& project = schedule.project();
    const auto rate = project.settings->frame_rate;
    std::string text =
        "lane,effect,row,bar.beat,seconds,first frame,end frame,strength %,colour from,colour to\r\n";
    bool any = false;
    for (std::size_t i = 0; i < schedule.size(); ++i) {
        const auto& lane = project.lanes[i];
        if (!lane->kind->triggers)
            continue;
        for (const auto& span : schedule.spans(i).triggers) {
            if (span.muted || span.hidden)
                continue;
            const auto& body = std::get<TriggerBody>(lane->pins[span.index].body);
            const Seconds start = rate.start_of(span.start);
            const std::string place =
                project.grid ? format_position(project.grid->position_of(project.grid->nearest_tick(start)))
                             : std::string();
            text += fmt::format("{},{},{},{},{:.6f},{},{},{:g},{},{}\r\n", quoted(lane->name),
                                quoted(body.effect), body.row + 1, place, start.value, span.start.value,
                                span.end.value, body.strength, colour_text(body.from), colour_text(body.to));
            any = true;
        }
    }
    if (!any)
        return fail("There are no triggers to write.", {}, "Place triggers first.");
    return text;
}

} // namespace pulsepin
