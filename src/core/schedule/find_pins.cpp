// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/find_pins.h"

#include <algorithm>
#include <cctype>

namespace pulsepin {
namespace {

std::string lower(std::string text) {
    std::transform(text.begin(), text.end(), text.begin(),
                   [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return text;
}

} // namespace

PinColour colour_of(const PinBody& body) {
    if (const auto* marker = std::get_if<MarkerBody>(&body))
        return marker->colour;
    if (const auto* trigger = std::get_if<TriggerBody>(&body))
        return trigger->from;
    return {};
}

std::string name_of(const PinBody& body, const Project& project) {
    if (const auto* marker = std::get_if<MarkerBody>(&body))
        return marker->name;
    if (const auto* trigger = std::get_if<TriggerBody>(&body))
        return trigger->effect;
    if (std::holds_alternative<PulseBody>(body))
        return "pulse";
    if (std::holds_alternative<KeyBody>(body))
        return "key";
    const auto* cut = std::get_if<CutBody>(&body);
    const Clip* clip = project.clip(cut ? cut->shot : std::get<SoundBody>(body).sound);
    return clip ? clip->name : std::string();
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
                (query.colour && colour_of(pin.body) != *query.colour) ||
                (!name.empty() && lower(name_of(pin.body, project)).find(name) == std::string::npos))
                continue;
            found.push_back(pin.id);
        }
    }
    return found;
}

std::optional<TimeSpan> span_of(const Schedule& schedule, const std::set<PinId>& pins) {
    std::optional<TimeSpan> span;
    for (const auto& lane : schedule)
        for (const auto& pin : lane.pins)
            if (pins.contains(pin.id))
                span = span ? TimeSpan{std::min(span->from, pin.time), std::max(span->until, pin.time)}
                            : TimeSpan{pin.time, pin.time};
    return span;
}

} // namespace pulsepin
