// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/place.h"

#include "model/edits.h"
#include "model/lane_kind.h"
#include "schedule/forms.h"
#include "schedule/piece_length.h"
#include "schedule/resolve.h"
#include "schedule/shots.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace pulsepin {
namespace {

/// Where what is planted would lie over another.
std::set<Ticks> taken_positions(const Lane& lane, const PinBody& planted, const Picker& picker) {
    std::set<Ticks> taken;
    for (const auto& pin : lane.pins)
        if (const auto at = tick_of_anchor(picker, pin.anchor); at && lies_over(pin.body, planted))
            taken.insert(*at);
    return taken;
}

Result<const Lane*> lane_to_plant(const Project& project, LaneId id) {
    const Lane* lane = project.lane(id);
    if (!lane)
        return fail("That lane is no longer there.");
    if (holds<SoundBody>(lane->kind))
        return fail("Sounds are not placed on beats.", {}, "Add a sound, then drag it along the beats.");
    if (lane->locked)
        return fail("\"" + lane->name + "\" is locked.", {}, "Unlock the lane first.");
    return lane;
}

/// A form as the lane takes it, whatever the given one is of.
PlantingForm fitted(PlantingForm form, const Lane& lane) {
    auto empty = lane.kind->empty_body();
    if (!form.body.same_kind_as(empty))
        form.body = std::move(empty);
    return form;
}

Result<std::vector<Picked>> picked_for(const Project& project, const Picker& picker,
                                       const PlantingForm& form) {
    auto picked = pick(picker, project);
    if (picked && picker.source != "onsets" && form.variation().strength == Variation::Strength::Onsets)
        take_strength_of_onsets(project, *picked);
    return picked;
}

/// The grid goes on behind the song, where nothing is ever seen.
bool lies_behind(const Project& project, const Picker& picker) {
    return project.song && project.grid && !picker.by_clock &&
           project.grid->time_at(picker.from) >= piece_end(project);
}

void add_outline(PlacePreview& preview, const Project& project, const Lane& lane, const Picked& place,
                 PinBody body) {
    const auto& settings = *project.settings;
    const Seconds time = place.time;
    const auto rounded = round_to_frame(time - time_of(lane.lead, settings.frame_rate), settings.frame_rate,
                                        settings.rounding);
    preview.outlines.push_back({place.at, time, rounded.frame, rounded.error, std::move(body)});
    preview.worst_rounding_error =
        std::max(preview.worst_rounding_error, Seconds(std::abs(rounded.error.value)));
}

} // namespace

Result<PlacePreview> preview_placing(const Project& project, LaneId id, const Picker& picker,
                                     const PlantingForm& given) {
    const auto lane = lane_to_plant(project, id);
    if (!lane)
        return tl::unexpected(lane.error());
    const auto form = fitted(given, **lane);
    auto picked = picked_for(project, picker, form);
    if (!picked)
        return tl::unexpected(picked.error());
    PlacePreview preview;
    for (const auto& place : left_out(picker, project))
        preview.left_out.push_back(place.time);
    const auto taken = taken_positions(**lane, form.body, picker);
    const auto before = picked->size();
    std::erase_if(*picked, [&](const Picked& place) { return taken.contains(place.at); });
    preview.already_there = before - picked->size();
    auto bodies = bodies_for(project, **lane, *picked, form);
    if (!bodies)
        return tl::unexpected(bodies.error());
    for (std::size_t i = 0; i < picked->size(); ++i) {
        if ((*bodies)[i])
            add_outline(preview, project, **lane, (*picked)[i], *std::move((*bodies)[i]));
        else
            ++preview.too_close;
    }
    return preview;
}

Result<Placed> place(const Project& project, LaneId id, const Picker& picker, const PlantingForm& form) {
    const auto preview = preview_placing(project, id, picker, form);
    if (!preview)
        return tl::unexpected(preview.error());
    const Lane& lane = *project.lane(id);
    const std::string kind(lane.kind->singular);
    if (preview->outlines.empty())
        return fail(
            lies_behind(project, picker) ? std::string("That range lies behind the end of the piece.")
            : preview->already_there > 0 ? "There is a " + kind + " on each of these positions already."
            : preview->too_close > 0     ? std::string("Each of these positions is too close to another cut.")
                                         : std::string("No position was picked in that range."),
            {}, "Choose another range or pick more often.");
    Project next = project;
    const PlantingId planting{next.next_id++};
    auto plantings = *project.plantings;
    plantings.push_back(
        {planting, id, describe(picker, project), picker, fitted(form, lane), Ticks(0), Frames(0), {}});
    std::vector<Pin> pins;
    for (const auto& outline : preview->outlines)
        pins.push_back({{},
                        plantings.back().place_of(outline.at, project.settings->frame_rate),
                        outline.body,
                        planting,
                        outline.at});
    next.plantings = std::make_shared<const std::vector<Planting>>(std::move(plantings));
    auto placed = with_pins(next, id, std::move(pins));
    if (!placed)
        return tl::unexpected(placed.error());
    return Placed{*std::move(placed), planting, preview->outlines.size()};
}

} // namespace pulsepin
