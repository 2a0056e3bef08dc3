// SPDX-License-Identifier: GPL-3.0-or-later
#include "show/event_list.h"

#include "model/rig.h"

#include <algorithm>
#include <map>

namespace pulsepin {
namespace {

class Collected {
public:
    explicit Collected(const Schedule& schedule) : schedule_(schedule) {}

    std::vector<ShowEvent> all() {
        for (std::size_t i = 0; i < schedule_.size(); ++i) {
            const Lane& lane = *schedule_.project().lanes[i];
            if (lane.muted || lane.kind->drives() || holds<SoundBody>(lane.kind))
                continue;
            if (holds<LightBody>(lane.kind))
                add_lights(i);
            else
                add_pins(i, lane);
        }
        std::ranges::stable_sort(events_, [](const ShowEvent& a, const ShowEvent& b) {
            return a.at != b.at ? a.at < b.at : a.begins < b.begins;
        });
        return std::move(events_);
    }

private:
    void add(std::size_t lane, Frames start, std::optional<Frames> end, const std::string& name,
             double strength) {
        const auto rate = schedule_.project().settings->frame_rate;
        events_.push_back({rate.start_of(start).value, true, lane, name, start, strength});
        if (end)
            events_.push_back({rate.start_of(*end).value, false, lane, name, *end, strength});
    }
    void add_lights(std::size_t lane) {
        const auto& pins = schedule_.project().lanes[lane]->pins;
        for (const auto& span : schedule_.spans(lane).lights.all)
            if (!span.muted)
                add(lane, span.start, span.end, schedule_.project().rig->fixtures[span.fixture].name,
                    body_of<LightBody>(pins[span.index].body).strength);
    }
    void add_pins(std::size_t lane, const Lane& of) {
        std::map<PinId, Frames> ends;
        const auto& spans = schedule_.spans(lane);
        for (const auto& span : spans.triggers)
            ends[span.pin] = span.end;
        for (const auto& span : spans.appearances)
            ends[span.pin] = span.end;
        for (const auto& pin : schedule_[lane].pins) {
            const Pin& is = of.pins[pin.index];
            if (is.muted)
                continue;
            const auto* trigger = body_if<TriggerBody>(&is.body);
            const auto end = ends.find(pin.id);
            add(lane, pin.frame, end == ends.end() ? std::nullopt : std::optional(end->second),
                of.kind->name_of(is.body, schedule_.project()), trigger ? trigger->strength : 100);
        }
    }

    const Schedule& schedule_;
    std::vector<ShowEvent> events_;
};

} // namespace

std::vector<ShowEvent> show_events(const Schedule& schedule) {
    return Collected(schedule).all();
}

} // namespace pulsepin
