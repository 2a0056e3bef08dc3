// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/light_hand.h"

#include "model/change_pins.h"
#include "model/pin_edits.h"

#include <algorithm>

namespace pulsepin {

Result<Project> with_light(const Project& project, LaneId lane, std::vector<LampId> on, Anchor at,
                           LightBody brush) {
    const Lane* there = project.lane(lane);
    if (!there || !holds<LightBody>(there->kind))
        return fail("That is no lane of lights.", {}, "Choose a lane of lights, or add one.");
    brush.on = std::move(on);
    return with_pins(project, lane, {{{}, at, brush, {}}});
}

std::vector<PinId> lights_on(const Schedule& schedule, LaneId lane, std::span<const std::size_t> lamps,
                             double frame) {
    std::vector<PinId> found;
    schedule.spans(lane).lights.at(frame, [&](const LightSpan& span) {
        if (std::ranges::find(lamps, span.fixture) != lamps.end() &&
            std::ranges::find(found, span.pin) == found.end())
            found.push_back(span.pin);
    });
    return found;
}

Result<Project> without_lights_at(const Schedule& schedule, LaneId lane, std::span<const std::size_t> lamps,
                                  double frame) {
    const Project& project = schedule.project();
    const Lane* there = project.lane(lane);
    if (!there)
        return fail("That lane is no longer there.");
    if (there->locked)
        return fail("\"" + there->name + "\" is locked.", {}, "Unlock it first.");
    const auto pins = lights_on(schedule, lane, lamps, frame);
    const Rig& rig = *project.rig;
    std::vector<PinId> gone;
    Project next = with_bodies(project, pins, [&](PinBody& body) {
        auto& light = body_of<LightBody>(body);
        std::vector<LampId> rest;
        for (const std::size_t i : rig.members(light.on))
            if (std::ranges::find(lamps, i) == lamps.end())
                rest.push_back(rig.fixtures[i].id);
        light.on = std::move(rest);
    });
    for (const PinId pin : pins)
        if (body_of<LightBody>(next.pin(pin)->body).on.empty())
            gone.push_back(pin);
    return without_pins(next, gone);
}

Result<LitOnBeats> lit_on_beats(const Project& project, LaneId lane, std::vector<LampId> on, Ticks from,
                                Ticks until, Ticks every, const LightBody& brush) {
    if (!project.grid)
        return fail("There are no beats yet.", {}, "Detect them at the stop \"Grid\", or tap them.");
    if (until <= from || every <= Ticks(0))
        return fail("There are no beats in that range.");
    const Schedule schedule(project);
    const auto lamps = project.rig->members(on);
    if (lamps.empty())
        return fail("There are no lamps yet.", {}, "Add some first.");
    LightBody body = brush;
    body.on = std::move(on);
    const auto rate = project.settings->frame_rate;
    std::vector<Pin> pins;
    for (Ticks at = from; at < until && pins.size() < 100'000; at += every) {
        const double frame = static_cast<double>(
            round_to_frame(project.grid->time_at(at), rate, project.settings->rounding).frame.value);
        if (lights_on(schedule, lane, lamps, frame).empty())
            pins.push_back({{}, MusicalAnchor{at, Frames(0)}, body, {}});
    }
    const std::size_t count = pins.size();
    auto next = with_pins(project, lane, std::move(pins));
    if (!next)
        return tl::unexpected(next.error());
    return LitOnBeats{*std::move(next), count};
}

std::vector<PinId> lights_of_group(const Project& project, LaneId lane, LampId of) {
    std::vector<PinId> pins;
    const Lane* there = project.lane(lane);
    if (!there)
        return pins;
    const auto wanted = project.rig->members(of.value ? std::vector{of} : std::vector<LampId>{});
    for (const auto& pin : there->pins)
        if (const auto* light = body_if<LightBody>(&pin.body))
            if (const auto lamps = project.rig->members(light->on);
                !lamps.empty() && std::ranges::includes(wanted, lamps))
                pins.push_back(pin.id);
    return pins;
}

Project recoloured(const Project& project, std::span<const PinId> lights, Colour colour) {
    return with_bodies(project, lights, [colour](PinBody& body) {
        if (auto* light = body_if<LightBody>(&body))
            for (Colour* one : {&light->from, &light->to})
                if (one->rgb != 0)
                    *one = colour;
    });
}

Result<Project> with_drive(const Project& project, LaneId lights, LampId of, LaneId by) {
    const Lane* driving = project.lane(by);
    if (by.value != 0 && (!driving || !driving->kind->drives()))
        return fail("That lane has no curve.", {}, "Choose one of pulses, keys or a follower.");
    const Lane* there = project.lane(lights);
    if (!there || !part_of<Lighting>(*there))
        return fail("That is no lane of lights.");
    return with_changed_lane(project, lights, [&](Lane& lane) {
        auto& drives = part_of<Lighting>(lane)->drives;
        std::erase_if(drives, [of](const Lighting::Drive& drive) { return drive.of == of; });
        if (by.value != 0)
            drives.push_back({of, by});
    });
}

} // namespace pulsepin
