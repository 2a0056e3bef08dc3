// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/schedule.h"
#include "schedule/piece_length.h"

namespace pulsepin {
namespace {

/// Whether all that a lane's places depend on, besides its own pins, is the same.
bool same_ground(const Project& a, const Project& b) {
    return a.settings == b.settings && a.song == b.song && a.grid == b.grid && a.bin == b.bin &&
           a.rig == b.rig && piece_end(a) == piece_end(b) &&
           (a.detection == b.detection ||
            (a.detection && b.detection && a.detection->sections == b.detection->sections));
}

bool hangs_on_others(const Lane& lane) {
    return std::any_of(lane.pins.begin(), lane.pins.end(),
                       [](const Pin& pin) { return std::holds_alternative<MarkerAnchor>(pin.anchor); });
}

} // namespace

Schedule::Schedule(Project project, const Schedule& before) : project_(std::move(project)) {
    const PinLookup lookup(project_);
    const bool ground = same_ground(project_, before.project_);
    lanes_.reserve(project_.lanes.size());
    for (const auto& lane : project_.lanes) {
        const auto& lanes = before.project_.lanes;
        const auto same = std::find(lanes.begin(), lanes.end(), lane);
        if (ground && same != lanes.end() && !hangs_on_others(*lane)) {
            lanes_.push_back(before.lanes_[static_cast<std::size_t>(same - lanes.begin())]);
            continue;
        }
        auto derived = std::make_shared<DerivedLane>();
        derived->pins = resolve(project_, *lane, lookup);
        derived->spans = spans_of(project_, *lane, derived->pins);
        lanes_.push_back(std::move(derived));
    }
}

const Schedule::DerivedLane& Schedule::lane(LaneId id) const {
    static const DerivedLane none;
    for (std::size_t i = 0; i < lanes_.size(); ++i)
        if (project_.lanes[i]->id == id)
            return *lanes_[i];
    return none;
}

const LaneSpans& Schedule::spans(LaneId id) const {
    return lane(id).spans;
}

const ResolvedLane& Schedule::pins(LaneId id) const {
    return lane(id).pins;
}

std::vector<PinId> pins_outside_song(const Schedule& schedule) {
    const auto& song = schedule.project().song;
    const Seconds end = song ? song->duration() : Seconds(0);
    std::vector<PinId> outside;
    for (std::size_t i = 0; i < schedule.size(); ++i) {
        const Lane& lane = *schedule.project().lanes[i];
        for (const auto& pin : schedule[i].pins) {
            // A sound that began before is still heard.
            const auto* sound = body_if<SoundBody>(&lane.pins[pin.index].body);
            const Seconds last = pin.time + (sound ? sound->length : Seconds(0));
            if (last < Seconds(-1e-9) || pin.time >= end)
                outside.push_back(pin.id);
        }
    }
    return outside;
}

} // namespace pulsepin
