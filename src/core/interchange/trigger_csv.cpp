// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/trigger_csv.h"

#include "base/csv_text.h"
#include "interchange/colour_text.h"
#include "schedule/triggers.h"
#include "stage/trigger_acts.h"
#include "time/musical_text.h"

#include <cmath>
#include <fmt/core.h>

namespace pulsepin {
namespace {

/// What it is tied to, as it was placed: "13.3.480 + 10 ms", "26.960000 s", "marker Drop - 2 f".
std::string anchor_text(const Anchor& anchor, const Project& project) {
    const auto with_offset = [](std::string text, const Offset& offset) {
        const auto* frames = std::get_if<Frames>(&offset);
        const double amount =
            frames ? static_cast<double>(frames->value) : std::get<Seconds>(offset).value * 1000;
        if (amount != 0)
            text += fmt::format(" {} {:g} {}", amount < 0 ? '-' : '+', std::abs(amount), frames ? "f" : "ms");
        return text;
    };
    if (const auto* musical = std::get_if<MusicalAnchor>(&anchor))
        return with_offset(project.grid ? format_position(project.grid->position_of(musical->at))
                                        : fmt::format("{} ticks", musical->at.value),
                           musical->offset);
    if (const auto* tied = std::get_if<MarkerAnchor>(&anchor)) {
        const Pin* pin = project.pin(tied->marker);
        const auto* marker = pin ? body_if<MarkerBody>(&pin->body) : nullptr;
        return with_offset("marker " + (marker ? marker->name : std::string("?")), tied->offset);
    }
    return fmt::format("{:.6f} s", std::get<TimeAnchor>(anchor).at.value);
}

/// The layers that it acts on; the camera where none are named.
std::string layers_text(const TriggerBody& body, const Project& project) {
    std::string text;
    for (const auto& id : body.on)
        if (const Layer* layer = project.stage->layer(id))
            text += (text.empty() ? "" : " + ") + layer->name;
    return body.on.empty() ? "camera" : text;
}

/// "glow 0..80": each parameter with the values that it goes between.
std::string acts_text(const TriggerBody& body) {
    std::string text;
    for (const auto& act : acts_of(body))
        text += fmt::format("{}{} {:g}..{:g}", text.empty() ? "" : " + ", act.parameter, act.low, act.high);
    return text;
}

} // namespace

Result<std::string> write_trigger_csv(const Schedule& schedule) {
    const Project& project = schedule.project();
    const auto rate = project.settings->frame_rate;
    std::string text = "lane,effect,row,bar.beat,seconds,first frame,end frame,strength %,colour from,colour "
                       "to,name,place,on,"
                       "acts\r\n";
    bool any = false;
    for (std::size_t i = 0; i < schedule.size(); ++i) {
        const auto& lane = project.lanes[i];
        if (!holds<TriggerBody>(lane->kind))
            continue;
        for (const auto& span : schedule.spans(i).triggers) {
            if (span.muted || span.hidden)
                continue;
            const auto& body = body_of<TriggerBody>(lane->pins[span.index].body);
            const Seconds start = rate.start_of(span.start);
            const std::string place =
                project.grid ? format_position(project.grid->position_of(project.grid->nearest_tick(start)))
                             : std::string();
            text +=
                fmt::format("{},{},{},{},{:.6f},{},{},{:g},{},{},{},{},{},{}\r\n", quoted(lane->name),
                            quoted(body.effect), body.row + 1, place, start.value, span.start.value,
                            span.end.value, body.strength, colour_text(body.from), colour_text(body.to),
                            quoted(body.name), quoted(anchor_text(lane->pins[span.index].anchor, project)),
                            quoted(layers_text(body, project)), quoted(acts_text(body)));
            any = true;
        }
    }
    if (!any)
        return fail("There are no triggers to write.", {}, "Place triggers first.");
    return text;
}

} // namespace pulsepin
