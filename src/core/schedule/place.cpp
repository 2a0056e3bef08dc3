// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/place.h"

#include "model/edits.h"
#include "model/lane_kinds.h"
#include "schedule/resolve.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace pulsepin {
namespace {

/// The place in the bin after the shot that is seen just before `time`.
std::size_t next_in_turn(const Project& project, const Lane& lane, Seconds time) {
    const auto resolved = resolve(project, lane);
    ClipId last;
    for (const auto& pin : resolved.pins)
        if (pin.time < time)
            if (const auto* cut = std::get_if<CutBody>(&lane.pins[pin.index].body))
                last = cut->shot;
    const auto& bin = *project.bin;
    const auto found =
        std::find_if(bin.begin(), bin.end(), [last](const Clip& clip) { return clip.id == last; });
    return found == bin.end() ? 0 : static_cast<std::size_t>(found - bin.begin() + 1) % bin.size();
}

std::set<Ticks> taken_positions(const Lane& lane) {
    std::set<Ticks> taken;
    for (const auto& pin : lane.pins)
        if (const auto* musical = std::get_if<MusicalAnchor>(&pin.anchor))
            taken.insert(musical->at);
    return taken;
}

} // namespace

Result<PlacePreview> preview_placing(const Project& project, LaneId id, const Picker& picker) {
    const Lane* lane = project.lane(id);
    if (!lane)
        return fail("That lane is no longer there.");
    if (lane->kind == LaneKind::Sound)
        return fail("Sounds are not placed on beats.", {}, "Add a sound, then drag it along the beats.");
    const auto picked = pick(picker, project);
    if (!picked)
        return tl::unexpected(picked.error());
    const bool needs_shots = lane->kind == LaneKind::Cut;
    const auto shots = project.shots();
    if (needs_shots && shots.empty())
        return fail("There are no shots to cut to.", {}, "Add video files to the bin first.");

    PlacePreview preview;
    const auto rate = project.settings->frame_rate;
    const Seconds lead = rate.start_of(lane->lead);
    const auto taken = taken_positions(*lane);
    std::size_t turn = 0;
    for (const auto& position : *picked) {
        if (taken.contains(position.at)) {
            ++preview.already_there;
            continue;
        }
        const Seconds time = project.grid->time_at(position.at);
        const auto rounded = round_to_frame(time - lead, rate, project.settings->rounding);
        if (needs_shots && preview.outlines.empty())
            turn = next_in_turn(project, *lane, time);
        const ClipId shot = needs_shots ? shots[turn++ % shots.size()]->id : ClipId{};
        preview.outlines.push_back({position.at, time, rounded.frame, rounded.error, shot});
        preview.worst_rounding_error =
            std::max(preview.worst_rounding_error, Seconds(std::abs(rounded.error.value)));
    }
    return preview;
}

Result<Placed> place(const Project& project, LaneId id, const Picker& picker) {
    const auto preview = preview_placing(project, id, picker);
    if (!preview)
        return tl::unexpected(preview.error());
    const Lane& lane = *project.lane(id);
    const std::string kind(lane_kind(lane.kind).singular);
    if (preview->outlines.empty())
        return fail(preview->already_there > 0 ? "There is a " + kind + " on each of these positions already."
                                               : std::string("No position was picked in that range."),
                    {}, "Choose another range or pick more often.");
    Project next = project;
    const PlantingId planting{next.next_id++};
    std::vector<Pin> pins;
    for (const auto& outline : preview->outlines) {
        Pin pin{{}, MusicalAnchor{outline.at}, lane_kind(lane.kind).empty_body(), planting};
        if (auto* cut = std::get_if<CutBody>(&pin.body))
            cut->shot = outline.shot;
        pins.push_back(std::move(pin));
    }
    auto plantings = *project.plantings;
    plantings.push_back({planting, id, describe(picker, *project.grid)});
    next.plantings = std::make_shared<const std::vector<Planting>>(std::move(plantings));
    auto placed = with_pins(next, id, std::move(pins));
    if (!placed)
        return tl::unexpected(placed.error());
    return Placed{*std::move(placed), planting, preview->outlines.size()};
}

} // namespace pulsepin
