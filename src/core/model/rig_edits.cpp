// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/rig_edits.h"

#include "model/change_pins.h"
#include "model/lights.h"
#include "model/pin_edits.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <set>
#include <tuple>

namespace pulsepin {
namespace {

constexpr std::size_t most_lamps = 20'000;
constexpr int last_universe = 63'999; // ANSI E1.31-2018, 6.2.7

Project with_rig_of(const Project& project, Rig rig) {
    Project next = project;
    next.rig = std::make_shared<const Rig>(std::move(rig));
    return next;
}

/// Where the next lamp may begin.
struct FreeChannel {
    int universe = 1, channel = 1;
    /// Takes room for one more; where its universe has none left, in the next.
    std::pair<int, int> take(int channels) {
        if (channel + channels - 1 > channels_of_universe) {
            ++universe;
            channel = 1;
        }
        const std::pair taken{universe, channel};
        channel += channels;
        return taken;
    }
};

FreeChannel behind_all(const Rig& rig) {
    FreeChannel free;
    for (const auto& fixture : rig.fixtures)
        if (fixture.universe > 0 && fixture.first_channel > 0)
            if (const std::pair end{fixture.universe, fixture.first_channel + channels_of(fixture)};
                end > std::pair{free.universe, free.channel})
                free = {end.first, end.second};
    return free;
}

std::pair<double, double> place_in(const LampArrangement& all, int i) {
    const double share = all.count > 1 ? static_cast<double>(i) / (all.count - 1) : 0.5;
    const double left = all.x - all.width / 2, top = all.y - all.height / 2;
    switch (all.shape) {
    case LampArrangement::Shape::Row:
        return {left + all.width * share, top + all.height * share};
    case LampArrangement::Shape::Arc: // highest in its middle
        return {left + all.width * share,
                all.y + all.height / 2 - all.height * std::sin(share * std::numbers::pi)};
    case LampArrangement::Shape::Ring: {
        const double turn = 2 * std::numbers::pi * i / std::max(1, all.count);
        return {all.x + all.width / 2 * std::sin(turn), all.y - all.height / 2 * std::cos(turn)};
    }
    case LampArrangement::Shape::Grid:
        break;
    }
    const int columns = std::clamp(all.columns, 1, std::max(1, all.count));
    const int rows = (all.count + columns - 1) / columns;
    const double column = columns > 1 ? static_cast<double>(i % columns) / (columns - 1) : 0.5;
    const double row = rows > 1 ? static_cast<double>(i / columns) / (rows - 1) : 0.5;
    return {left + all.width * column, top + all.height * row};
}

Result<Project> with_group(const Project& project, const std::string& name, bool one_row,
                           std::span<const std::pair<double, double>> places, const Fixture& like) {
    if (name.empty())
        return fail("A group of lamps needs a name.");
    if (places.empty())
        return fail("There are no lamps in it.");
    Rig rig = *project.rig;
    if (rig.fixtures.size() + places.size() > most_lamps)
        return fail("That would be " + std::to_string(rig.fixtures.size() + places.size()) + " lamps.", {},
                    "20000 is the most.");
    Project next = project;
    const LampGroup group{LampId{next.next_id++}, name, one_row};
    rig.groups.push_back(group);
    FreeChannel free = behind_all(rig);
    for (std::size_t i = 0; i < places.size(); ++i) {
        Fixture fixture = like;
        fixture.id = LampId{next.next_id++};
        fixture.group = group.id;
        fixture.name = name + " " + std::to_string(i + 1);
        std::tie(fixture.x, fixture.y) = places[i];
        std::tie(fixture.universe, fixture.first_channel) = free.take(channels_of(fixture));
        if (fixture.universe > last_universe)
            return fail("No universe has room for them.", {}, "Patch some lamps lower down.");
        rig.fixtures.push_back(std::move(fixture));
    }
    next.rig = std::make_shared<const Rig>(std::move(rig));
    return next;
}

Result<Project> checked(const Project& project, Rig rig) {
    if (const auto conflict = patch_conflict(rig))
        return fail(*conflict, {}, "Choose other channels.");
    return with_rig_of(project, std::move(rig));
}

} // namespace

Result<Project> with_lamps(const Project& project, const LampArrangement& arrangement) {
    std::vector<std::pair<double, double>> places;
    for (int i = 0; i < std::min(arrangement.count, static_cast<int>(most_lamps) + 1); ++i)
        places.push_back(place_in(arrangement, i));
    return with_group(project, arrangement.name, false, places, arrangement.like);
}

Result<Project> with_prop(const Project& project, const std::string& name,
                          std::span<const std::pair<double, double>> points, const Fixture& like) {
    return with_group(project, name, true, points, like);
}

Result<Project> with_lamp_at(const Project& project, LampId group, double x, double y) {
    const LampGroup* there = project.rig->group(group);
    if (!there) {
        const std::string name = "Lamps " + std::to_string(project.rig->groups.size() + 1);
        const std::pair<double, double> places[] = {{x, y}};
        return with_group(project, name, false, places, {});
    }
    const LampId of[] = {group};
    const auto members = project.rig->members(of);
    Fixture like = members.empty() ? Fixture{} : project.rig->fixtures[members.back()];
    const std::pair<double, double> places[] = {{x, y}};
    auto next = with_group(project, there->name, there->one_row, places, like);
    if (!next)
        return next;
    // Out of the group that was made for it, into this one, behind its others.
    Rig rig = *next->rig;
    Fixture lamp = std::move(rig.fixtures.back());
    rig.fixtures.pop_back();
    rig.groups.pop_back();
    lamp.group = group;
    lamp.name = there->name + " " + std::to_string(members.size() + 1);
    const auto behind = members.empty() ? rig.fixtures.size() : members.back() + 1;
    rig.fixtures.insert(rig.fixtures.begin() + static_cast<std::ptrdiff_t>(behind), std::move(lamp));
    return with_rig_of(*next, std::move(rig));
}

Project without_lamps(const Project& project, std::span<const LampId> lamps) {
    Rig rig = *project.rig;
    std::set<LampId> gone;
    for (const std::size_t i : lamps.empty() ? std::vector<std::size_t>{} : rig.members(lamps))
        gone.insert(rig.fixtures[i].id);
    std::erase_if(rig.fixtures, [&](const Fixture& one) { return gone.contains(one.id); });
    std::erase_if(rig.groups, [&](const LampGroup& group) {
        const bool empty =
            std::ranges::none_of(rig.fixtures, [&](const Fixture& one) { return one.group == group.id; });
        if (empty)
            gone.insert(group.id);
        return empty;
    });
    std::vector<PinId> unlit;
    Project next = with_each_pin(with_rig_of(project, std::move(rig)), [&](Pin& pin) {
        const auto* light = body_if<LightBody>(&std::as_const(pin.body));
        if (!light || std::ranges::none_of(light->on, [&](LampId id) { return gone.contains(id); }))
            return;
        auto& on = body_of<LightBody>(pin.body).on;
        std::erase_if(on, [&](LampId id) { return gone.contains(id); });
        if (on.empty())
            unlit.push_back(pin.id);
    });
    for (auto& shared : next.lanes)
        if (const auto* lighting = part_of<Lighting>(*shared);
            lighting &&
            std::ranges::any_of(lighting->drives, [&](const auto& d) { return gone.contains(d.of); })) {
            auto lane = std::make_shared<Lane>(*shared);
            std::erase_if(part_of<Lighting>(*lane)->drives,
                          [&](const auto& d) { return gone.contains(d.of); });
            shared = std::move(lane);
        }
    return without_pins(next, unlit);
}

Result<Project> with_changed_lamps(const Project& project, std::span<const LampId> lamps,
                                   const std::function<void(Fixture&)>& change) {
    Rig rig = *project.rig;
    for (const std::size_t i : lamps.empty() ? std::vector<std::size_t>{} : rig.members(lamps)) {
        const LampId id = rig.fixtures[i].id;
        change(rig.fixtures[i]);
        rig.fixtures[i].id = id;
        if (rig.fixtures[i].name.empty())
            return fail("A lamp needs a name.");
    }
    return checked(project, std::move(rig));
}

Result<Project> with_lamps_renamed(const Project& project, LampId lamp, const std::string& name) {
    if (name.empty())
        return fail("A lamp needs a name.");
    Rig rig = *project.rig;
    for (auto& group : rig.groups)
        if (group.id == lamp)
            group.name = name;
    for (auto& fixture : rig.fixtures)
        if (fixture.id == lamp)
            fixture.name = name;
    return with_rig_of(project, std::move(rig));
}

Project with_one_row(const Project& project, LampId id, bool one_row) {
    Rig rig = *project.rig;
    for (auto& group : rig.groups)
        if (group.id == id)
            group.one_row = one_row;
    return with_rig_of(project, std::move(rig));
}

Result<Project> patched(const Project& project, std::span<const LampId> lamps, int universe,
                        int first_channel) {
    if (universe < 1 || universe > last_universe)
        return fail("There is no universe " + std::to_string(universe) + ".", {},
                    "Universes go from 1 to 63999.");
    if (first_channel < 1 || first_channel > channels_of_universe)
        return fail("There is no channel " + std::to_string(first_channel) + ".", {},
                    "Channels go from 1 to 512.");
    Rig rig = *project.rig;
    FreeChannel free{universe, first_channel};
    for (const std::size_t i : rig.members(lamps)) {
        auto& fixture = rig.fixtures[i];
        std::tie(fixture.universe, fixture.first_channel) = free.take(channels_of(fixture));
        if (fixture.universe > last_universe)
            return fail("They do not fit into the universes up to 63999.", {}, "Begin lower down.");
    }
    return checked(project, std::move(rig));
}

Result<Project> with_rig(const Project& project, const std::function<void(Rig&)>& change) {
    Rig rig = *project.rig;
    change(rig);
    return checked(project, std::move(rig));
}

Project with_rows_swapped(const Project& project, LampId a, LampId b) {
    return with_each_pin(project, [&](Pin& pin) {
        if (!is_body<LightBody>(pin.body) || pin.locked)
            return;
        for (auto& id : body_of<LightBody>(pin.body).on)
            id = id == a ? b : id == b ? a : id;
    });
}

Project with_lights_moved(const Project& project, std::span<const PinId> pins, int rows) {
    const auto all = rows_of(*project.rig);
    const auto row_of_lamp = [&](LampId id) { return std::ranges::find(all, id, &RigRow::of) - all.begin(); };
    // All by as many rows, so that they stay as they lie to each other.
    std::ptrdiff_t up = -std::ssize(all), down = std::ssize(all);
    const PinSet set(pins);
    for (const auto& lane : project.lanes)
        for (const auto& pin : lane->pins)
            if (const auto* light = body_if<LightBody>(&pin.body); light && set.contains(pin.id))
                for (const auto id : light->on)
                    if (const auto row = row_of_lamp(id); row < std::ssize(all)) {
                        up = std::max(up, -row);
                        down = std::min(down, std::ssize(all) - 1 - row);
                    }
    const auto by = std::clamp(static_cast<std::ptrdiff_t>(rows), std::min(up, down), std::max(up, down));
    return with_bodies(project, pins, [&](PinBody& body) {
        if (!is_body<LightBody>(body))
            return;
        for (auto& id : body_of<LightBody>(body).on)
            if (const auto row = row_of_lamp(id); row < std::ssize(all))
                id = all[static_cast<std::size_t>(row + by)].of;
    });
}

} // namespace pulsepin
