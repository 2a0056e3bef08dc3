// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/copies.h"

#include "model/anchored_time.h"
#include "model/change_pins.h"
#include "model/pin_edits.h"

#include <map>
#include <numeric>
#include <set>

namespace pulsepin {
namespace {

struct Copy {
    LaneId lane;
    Pin pin;
    Ticks at;
};

/// Puts the copies into their lanes, each lane's as one planting whose picker is the list of their places.
Result<Copied> planted(const Project& project, const std::vector<Copy>& copies, const std::string& told) {
    Copied out{project, {}, 0, 0};
    const bool by_clock = !project.grid; // in plain time
    std::map<LaneId, std::vector<const Copy*>> by_lane;
    for (const auto& copy : copies)
        by_lane[copy.lane].push_back(&copy);
    for (const auto& [id, of_lane] : by_lane) {
        const Lane* lane = out.project.lane(id);
        if (!lane)
            return fail("That lane is no longer there.");
        // Rows of triggers lie side by side, so only the same row is taken.
        std::set<std::pair<Ticks, int>> taken;
        for (const auto& pin : lane->pins)
            if (const auto* musical = std::get_if<MusicalAnchor>(&pin.anchor); musical && !by_clock)
                taken.emplace(musical->at, row_of(pin.body));
            else if (const auto* loose = std::get_if<TimeAnchor>(&pin.anchor); loose && by_clock)
                taken.emplace(clock_ticks(loose->at), row_of(pin.body));
        const PlantingId planting{out.project.next_id};
        std::vector<Pin> pins;
        Picker picker{"list", Ticks(0), Ticks(0), {}};
        picker.by_clock = by_clock;
        for (const Copy* copy : of_lane) {
            if (!taken.emplace(copy->at, row_of(copy->pin.body)).second) {
                ++out.already_there;
                continue;
            }
            Pin pin = copy->pin;
            MusicalAnchor anchor{copy->at};
            if (const auto* was = std::get_if<MusicalAnchor>(&pin.anchor))
                anchor.offset = was->offset;
            pin.anchor = by_clock ? Anchor(TimeAnchor{clock_time(copy->at)}) : Anchor(anchor);
            pin.planting = planting;
            pin.home = copy->at;
            pin.moved = pin.altered = false;
            pin.locked = false;
            pins.push_back(std::move(pin));
            picker.list.push_back(copy->at);
        }
        if (pins.empty())
            continue;
        std::sort(picker.list.begin(), picker.list.end());
        picker.list.erase(std::unique(picker.list.begin(), picker.list.end()), picker.list.end());
        picker.from = picker.list.front();
        picker.until = picker.list.back() + Ticks(1);
        out.count += pins.size();
        PlantingForm form{pins.front().body};
        ++out.project.next_id;
        auto plantings = *out.project.plantings;
        plantings.push_back(
            {planting, id, told, std::move(picker), std::move(form), Ticks(0), Frames(0), {}});
        out.project.plantings = std::make_shared<const std::vector<Planting>>(std::move(plantings));
        out.plantings.push_back(planting);
        auto next = with_pins(out.project, id, std::move(pins));
        if (!next)
            return tl::unexpected(next.error());
        out.project = *std::move(next);
    }
    return out;
}

/// Where a pin lies on the grid, or by the clock without one; of pins that hang on others the tick nearest to
/// them.
std::optional<Ticks> place_of(const Pin& pin, const Project& project, const PinLookup& lookup) {
    if (!project.grid) {
        const auto time = anchored_time(pin.anchor, project, lookup);
        return time ? std::optional(clock_ticks(*time)) : std::nullopt;
    }
    if (const auto* musical = std::get_if<MusicalAnchor>(&pin.anchor))
        return musical->at;
    const auto at = anchored_time(pin.anchor, project, lookup);
    return at ? std::optional(project.grid->nearest_tick(*at)) : std::nullopt;
}

} // namespace

Result<Copied> repeated(const Project& project, std::span<const PinId> pins, Ticks from, Ticks until,
                        const Repetition& repetition) {
    if (!project.grid)
        return fail("There are no bars to copy yet.", {},
                    "Find the beats, tap them or type a tempo (stop Grid).");
    if (repetition.every_bars < 1 || repetition.times < 1 || repetition.times > 1000)
        return fail("A repetition needs a number of bars and of times.");
    const auto& grid = *project.grid;
    const PinSet listed(pins);
    const PinLookup lookup(project);
    std::vector<Copy> originals;
    std::int64_t step = ticks_per_beat; // the finest cell that all of them lie on
    for (const auto& lane : project.lanes)
        for (const auto& pin : lane->pins) {
            const auto at = listed.contains(pin.id) ? place_of(pin, project, lookup) : std::nullopt;
            if (!at || *at < from || *at >= until)
                continue;
            originals.push_back({lane->id, pin, *at});
            step = std::gcd(step, (*at - from).value);
        }
    if (originals.empty())
        return fail("Nothing that is selected lies in these bars.", {},
                    "Select what shall be copied, and make a range around it.");
    const auto first = grid.position_of(from);
    std::vector<Copy> copies;
    for (int time = 1; time <= repetition.times; ++time) {
        auto there = first;
        there.bar += time * repetition.every_bars;
        const Ticks start = grid.ticks_of(there);
        const bool mirrored = repetition.way == Repetition::Way::Mirrored ||
                              (repetition.way == Repetition::Way::Alternating && time % 2 == 1);
        for (const auto& original : originals) {
            Ticks inside = original.at - from;
            if (mirrored)
                inside = until - from - Ticks(step) - inside;
            copies.push_back({original.lane, original.pin, start + inside});
        }
    }
    return planted(project, copies,
                   "copies of bar " + std::to_string(first.bar) +
                       (repetition.way == Repetition::Way::Same ? "" : ", mirrored"));
}

Clipping clipping_of(const Project& project, std::span<const PinId> pins) {
    Clipping out;
    out.by_clock = !project.grid;
    const PinSet listed(pins);
    const PinLookup lookup(project);
    for (const auto& lane : project.lanes)
        for (const auto& pin : lane->pins)
            if (listed.contains(pin.id))
                if (const auto at = place_of(pin, project, lookup))
                    out.items.push_back({lane->id, lane->kind, pin, *at});
    std::stable_sort(out.items.begin(), out.items.end(),
                     [](const auto& a, const auto& b) { return a.after < b.after; });
    const Ticks first = out.items.empty() ? Ticks(0) : out.items.front().after;
    for (auto& item : out.items)
        item.after -= first;
    return out;
}

namespace {

Result<LaneId> lane_for(const Project& project, const Clipping::Item& item) {
    if (const Lane* lane = project.lane(item.lane); lane && lane->kind == item.kind)
        return lane->id;
    if (const Lane* lane = project.first_lane(item.kind))
        return lane->id;
    return fail("There is no lane for what was copied.", {}, "Add a lane of its kind first.");
}

} // namespace

Result<Copied> pasted(const Project& project, const Clipping& clipping, Ticks at) {
    if (!clipping.items.empty() && clipping.by_clock != !project.grid)
        return fail("What was copied was measured otherwise.", {}, "Copy it again.");
    std::vector<Ticks> places;
    for (const auto& item : clipping.items)
        places.push_back(at + item.after);
    return pasted_on(project, clipping, places);
}

Result<Copied> pasted_on(const Project& project, const Clipping& clipping, std::span<const Ticks> places) {
    if (clipping.items.empty())
        return fail("Nothing was copied yet.", {}, "Select pins and copy them first.");
    std::vector<Copy> copies;
    const std::size_t count = std::min(places.size(), clipping.items.size());
    for (std::size_t i = 0; i < count; ++i) {
        const auto lane = lane_for(project, clipping.items[i]);
        if (!lane)
            return tl::unexpected(lane.error());
        copies.push_back({*lane, clipping.items[i].pin, places[i]});
    }
    auto out = planted(project, copies, "pasted");
    if (out)
        out->already_there += clipping.items.size() - count;
    return out;
}

} // namespace pulsepin
