// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/planting_edits.h"

#include "model/change_pins.h"
#include "model/pin_edits.h"

#include <cstdlib>

namespace pulsepin {

std::vector<PinId> pins_of(const Project& project, PlantingId planting) {
    std::vector<PinId> pins;
    for (const auto& lane : project.lanes)
        for (const auto& pin : lane->pins)
            if (pin.planting == planting && planting.value != 0)
                pins.push_back(pin.id);
    return pins;
}

PlantingId planting_around(const Project& project, LaneId lane, Ticks at) {
    PlantingId found;
    for (const auto& planting : *project.plantings)
        if (planting.lane == lane && planting.picker) {
            const Ticks home = at - planting.shift;
            if (planting.picker->whole || (home >= planting.picker->from && home < planting.picker->until))
                found = planting.id;
        }
    return found;
}

bool is_exception(const Pin& pin) {
    return pin.planting.value != 0 && (!pin.home || pin.moved || pin.altered);
}

Exceptions exceptions_of(const Project& project, const Planting& planting) {
    Exceptions out;
    for (const auto& lane : project.lanes)
        for (const auto& pin : lane->pins)
            if (pin.planting == planting.id) {
                out.added += !pin.home;
                out.moved += pin.home && pin.moved;
                out.altered += pin.altered;
            }
    out.left_out = planting.left_out.size();
    return out;
}

Project dissolved(const Project& project, PlantingId id) {
    Project next = with_each_pin(
        project, [id](const Lane&, const Pin& pin) { return pin.planting == id; },
        [](Pin& pin) {
            pin.planting = {};
            pin.home.reset();
            pin.moved = pin.altered = false;
        });
    auto plantings = *project.plantings;
    std::erase_if(plantings, [id](const Planting& planting) { return planting.id == id; });
    next.plantings = std::make_shared<const std::vector<Planting>>(std::move(plantings));
    return next;
}

Result<Project> with_picker_named(const Project& project, std::string name, Picker picker) {
    if (name.empty())
        return fail("A picker needs a name to be saved as a preset.");
    auto pickers = *project.pickers;
    const auto same =
        std::find_if(pickers.begin(), pickers.end(), [&](const NamedPicker& n) { return n.name == name; });
    if (same != pickers.end())
        same->picker = std::move(picker);
    else
        pickers.push_back({std::move(name), std::move(picker)});
    Project next = project;
    next.pickers = std::make_shared<const std::vector<NamedPicker>>(std::move(pickers));
    return next;
}

Project without_picker(const Project& project, const std::string& name) {
    auto pickers = *project.pickers;
    std::erase_if(pickers, [&](const NamedPicker& named) { return named.name == name; });
    Project next = project;
    next.pickers = std::make_shared<const std::vector<NamedPicker>>(std::move(pickers));
    return next;
}

Result<Project> with_place_switched(const Project& project, LaneId id, Ticks at, bool on, Ticks reach,
                                    PlantingId into, const PinBody& body) {
    const Lane* lane = project.lane(id);
    if (!lane)
        return fail("That lane is no longer there.");
    if (lane->locked)
        return fail("\"" + lane->name + "\" is locked.", {}, "Unlock the lane first.");
    if (!on) {
        std::vector<PinId> there;
        for (const auto& pin : lane->pins)
            if (const auto* musical = std::get_if<MusicalAnchor>(&pin.anchor);
                musical && std::abs((musical->at - at).value) <= reach.value)
                there.push_back(pin.id);
        return without_pins(project, there);
    }
    Pin pin{{}, MusicalAnchor{at}, body, into};
    const Planting* planting = project.planting(into);
    if (!planting)
        pin.planting = {};
    auto next = with_pins(project, id, {});
    if (planting) {
        auto plantings = *project.plantings;
        for (auto& changed : plantings)
            if (changed.id == into && std::erase(changed.left_out, at - changed.shift) > 0) {
                pin.home = at - changed.shift; // one of its own places comes back
                pin.anchor = changed.place_of(*pin.home, project.settings->frame_rate);
            }
        next->plantings = std::make_shared<const std::vector<Planting>>(std::move(plantings));
    }
    return with_pins(*next, id, {pin});
}

} // namespace pulsepin
