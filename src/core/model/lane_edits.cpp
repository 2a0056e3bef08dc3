// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/lane_edits.h"

#include "model/change_pins.h"
#include "model/pin_edits.h"

namespace pulsepin {

bool is_keyed(LaneKind kind) {
    return holds<KeyBody>(kind) && !kind->follows;
}

void begin_as(Lane& lane, LaneKind kind) {
    LaneParts parts;
    for (const LanePartRow& part : kind->parts)
        part.begin(parts);
    parts.take_over(std::move(lane.parts));
    lane.kind = kind;
    lane.parts = std::move(parts);
}

Project with_lane(const Project& project, LaneKind kind, std::string name) {
    Project next = project;
    Lane lane;
    lane.id = LaneId{next.next_id++};
    lane.name = std::move(name);
    begin_as(lane, kind);
    next.lanes.push_back(std::make_shared<const Lane>(std::move(lane)));
    return next;
}

Result<Project> with_mute_and_solo(const Project& project, LaneId lane, bool muted, bool solo) {
    return with_changed_lane(project, lane, [=](Lane& changed) {
        changed.muted = muted;
        changed.solo = solo;
    });
}

Result<Project> with_lane_locked(const Project& project, LaneId lane, bool locked) {
    return with_changed_lane(project, lane, [=](Lane& changed) { changed.locked = locked; });
}

Result<Project> with_lane_click(const Project& project, LaneId lane, int sound) {
    return with_changed_lane(project, lane, [=](Lane& changed) { changed.click = sound; });
}

Result<Project> with_lane_named(const Project& project, LaneId lane, std::string name) {
    if (name.empty())
        return fail("A lane needs a name.");
    return with_changed_lane(project, lane, [&](Lane& changed) { changed.name = std::move(name); });
}

Result<Project> without_lane(const Project& project, LaneId id) {
    const Lane* lane = project.lane(id);
    if (!lane)
        return fail("That lane is no longer there.");
    if (lane->locked)
        return fail("\"" + lane->name + "\" is locked.", {}, "Unlock the lane first.");
    std::vector<PinId> pins;
    for (const auto& pin : lane->pins)
        pins.push_back(pin.id);
    // Locks of single pins do not keep a lane that is deleted as a whole.
    Project next = without_pins(with_pins_locked(project, pins, false), pins);
    std::erase_if(next.lanes, [id](const auto& shared) { return shared->id == id; });
    auto plantings = *next.plantings;
    std::erase_if(plantings, [id](const Planting& planting) { return planting.lane == id; });
    next.plantings = std::make_shared<const std::vector<Planting>>(std::move(plantings));
    return next;
}

Result<Project> with_lane_moved(const Project& project, LaneId id, int down) {
    Project next = project;
    auto& lanes = next.lanes;
    const auto found =
        std::find_if(lanes.begin(), lanes.end(), [id](const auto& lane) { return lane->id == id; });
    if (found == lanes.end())
        return fail("That lane is no longer there.");
    const auto from = found - lanes.begin();
    const auto to = std::clamp<std::ptrdiff_t>(from + down, 0, static_cast<std::ptrdiff_t>(lanes.size()) - 1);
    const auto lane = *found;
    lanes.erase(found);
    lanes.insert(lanes.begin() + to, lane);
    return next;
}

Result<Project> with_lead(const Project& project, LaneId lane, Offset lead) {
    return with_changed_lane(project, lane, [=](Lane& changed) { changed.lead = lead; });
}

std::vector<LaneId> lanes_named_in(const Follower& follower) {
    std::vector<LaneId> lanes;
    const auto add = [&](const ParamValues& values) {
        for (const auto& [id, value] : values)
            if (const auto* lane = std::get_if<LaneId>(&value); lane && lane->value != 0)
                lanes.push_back(*lane);
            else if (const auto* sound = std::get_if<std::string>(&value); sound && id == "sound")
                if (const auto heard = lane_of_sound(*sound))
                    lanes.push_back(*heard);
    };
    const auto add_drives = [&](const std::vector<ParamDrive>& drives) {
        for (const auto& drive : drives)
            if (drive.lane.value != 0)
                lanes.push_back(drive.lane);
    };
    add(follower.values);
    add_drives(follower.drives);
    for (const auto& step : follower.steps) {
        add(step.values);
        add_drives(step.drives);
    }
    return lanes;
}

std::vector<LaneId> curves_into(const Lane& lane) {
    if (!lane.kind->follows)
        return {};
    Follower follower = part_of<Motion>(lane)->follower;
    if (follower.source != "another") // pins, not a curve
        follower.values = {};
    return lanes_named_in(follower);
}

namespace {

bool leads_to(const Project& project, LaneId from, LaneId to) {
    std::vector<LaneId> open{from}, seen;
    while (!open.empty()) {
        const LaneId at = open.back();
        open.pop_back();
        if (at == to)
            return true;
        if (std::find(seen.begin(), seen.end(), at) != seen.end())
            continue;
        seen.push_back(at);
        if (const Lane* lane = project.lane(at))
            for (const LaneId next : curves_into(*lane))
                open.push_back(next);
    }
    return false;
}

} // namespace

Result<Project> with_motion(const Project& project, LaneId id, Motion motion) {
    const Lane* lane = project.lane(id);
    if (!lane || !lane->kind->drives())
        return fail("That lane drives no property.");
    if (lane->locked)
        return fail("\"" + lane->name + "\" is locked.", {}, "Unlock the lane first.");
    Lane changed = *lane;
    changed.parts.put(motion);
    for (const LaneId other : curves_into(changed))
        if (leads_to(project, other, id))
            return fail("\"" + lane->name + "\" would follow itself.", {},
                        "Choose a lane that does not depend on this one.");
    return with_changed_lane(project, id, [&](Lane& altered) { altered.parts.put(std::move(motion)); });
}

Result<Project> with_pulse_kept(const Project& project, Pulse pulse) {
    if (pulse.name.empty())
        return fail("A pulse needs a name.");
    auto pulses = *project.pulses;
    std::erase_if(pulses, [&](const Pulse& other) { return other.name == pulse.name; });
    pulses.push_back(std::move(pulse));
    Project next = project;
    next.pulses = std::make_shared<const std::vector<Pulse>>(std::move(pulses));
    return next;
}

Project without_pulse(const Project& project, const std::string& name) {
    auto pulses = *project.pulses;
    std::erase_if(pulses, [&](const Pulse& pulse) { return pulse.name == name; });
    Project next = project;
    next.pulses = std::make_shared<const std::vector<Pulse>>(std::move(pulses));
    return next;
}

} // namespace pulsepin
