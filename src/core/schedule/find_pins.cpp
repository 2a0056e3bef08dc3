// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/find_pins.h"

#include "schedule/sound_parts.h"

#include <algorithm>
#include <cctype>

namespace pulsepin {
namespace {

std::string lower(std::string text) {
    std::transform(text.begin(), text.end(), text.begin(),
                   [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return text;
}

PinColour colour_of(const Pin& pin, LaneKind kind) {
    return kind->colour_of ? kind->colour_of(pin.body) : PinColour();
}

} // namespace

std::string name_of(const Project& project, PinId id) {
    const Lane* lane = project.lane_of(id);
    return lane ? lane->kind->name_of(project.pin(id)->body, project) : std::string();
}

PinColour colour_of(const Project& project, PinId id) {
    const Lane* lane = project.lane_of(id);
    return lane ? colour_of(*project.pin(id), lane->kind) : PinColour();
}

std::vector<PinId> find_pins(const Schedule& schedule, const PinQuery& query) {
    const Project& project = schedule.project();
    std::vector<PinId> found;
    const std::string name = lower(query.name);
    for (std::size_t i = 0; i < schedule.size(); ++i) {
        const Lane& lane = *project.lanes[i];
        if ((query.kind && lane.kind != *query.kind) || (query.lane && lane.id != *query.lane))
            continue;
        for (const auto& resolved : schedule[i].pins) {
            const Pin& pin = lane.pins[resolved.index];
            if (query.range && (resolved.time < query.range->from || resolved.time >= query.range->until))
                continue;
            if ((query.planting && pin.planting != *query.planting) ||
                (query.colour && colour_of(pin, lane.kind) != *query.colour) ||
                (!name.empty() &&
                 lower(lane.kind->name_of(pin.body, project)).find(name) == std::string::npos))
                continue;
            found.push_back(pin.id);
        }
    }
    return found;
}

std::optional<TimeSpan> span_of(const Schedule& schedule, const PinSet& pins) {
    std::optional<TimeSpan> span;
    for (const auto& lane : schedule)
        for (const auto& pin : lane.pins)
            if (pins.contains(pin.id))
                span = span ? TimeSpan{std::min(span->from, pin.time), std::max(span->until, pin.time)}
                            : TimeSpan{pin.time, pin.time};
    return span;
}

std::optional<TimeSpan> whole_span_of(const Schedule& schedule, const PinSet& pins) {
    auto span = span_of(schedule, pins);
    if (!span)
        return span;
    const auto rate = schedule.project().settings->frame_rate;
    const auto until = [&](PinId pin, Seconds end) {
        if (pins.contains(pin))
            span->until = std::max(span->until, end);
    };
    for (std::size_t i = 0; i < schedule.size(); ++i) {
        const auto& spans = schedule.spans(i);
        for (const auto& shot : spans.shots)
            until(shot.cut, rate.start_of(shot.end));
        for (const auto& trigger : spans.triggers)
            until(trigger.pin, rate.start_of(trigger.end));
        for (const auto& shown : spans.appearances)
            until(shown.pin, rate.start_of(shown.end));
        for (const auto& text : spans.texts)
            until(text.pin, text.end);
        for (const auto& held : spans.exposures)
            until(held.pin, rate.start_of(held.first + held.held));
        if (holds<SoundBody>(schedule.project().lanes[i]->kind))
            for (const auto& part : parts_of_lane(schedule, schedule[i].id))
                until(part.pin, part.start + part.body.length);
    }
    return span;
}

} // namespace pulsepin
