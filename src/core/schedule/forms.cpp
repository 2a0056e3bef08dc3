// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/forms.h"

#include "model/lane_kind.h"
#include "schedule/resolve.h"

#include <algorithm>

namespace pulsepin {

Result<PlacedBodies> bodies_for(const Project& project, const Lane& lane, std::span<const Picked> places,
                                const PlantingForm& form) {
    if (places.empty() && !holds<CutBody>(lane.kind))
        return PlacedBodies{};
    if (!lane.kind->bodies)
        return fail("Sounds are not placed on beats.", {}, "Add a sound, then drag it along the beats.");
    return lane.kind->bodies(project, lane, places, form);
}

namespace {

/// As the pin before the place; before the first one: as that is.
PinBody like_pin_before(const Project& project, const Lane& lane, Seconds time) {
    PinBody body = lane.kind->empty_body();
    const auto there = resolve(project, lane).pins;
    if (!there.empty())
        body = lane.pins[there.front().index].body;
    for (const auto& pin : there)
        if (pin.time <= time)
            body = lane.pins[pin.index].body;
    return body;
}

} // namespace

Result<PinBody> body_at(const Project& project, const Lane& lane, Ticks at, PlantingId id) {
    PlantingForm form{lane.kind->empty_body()};
    if (const Planting* planting = project.planting(id)) {
        form = planting->form;
    } else if (!holds<CutBody>(lane.kind)) {
        form.body = like_pin_before(project, lane, project.grid->time_at(at));
        if (lane.kind->adapt)
            if (auto adapted = lane.kind->adapt(form.body, project, lane, at); !adapted)
                return tl::unexpected(adapted.error());
    }
    if (auto* shots = std::get_if<ShotChoice>(&form.choice))
        shots->shortest = Frames(0); // whoever puts it there wants it there
    const Picked place[] = {{at, 1, project.grid->time_at(at)}};
    auto bodies = bodies_for(project, lane, place, form);
    if (!bodies)
        return tl::unexpected(bodies.error());
    return *std::move(bodies->front());
}

void take_strength_of_onsets(const Project& project, std::vector<Picked>& places) {
    if (!project.detection)
        return;
    constexpr Seconds reach(0.05);
    const auto& onsets = project.detection->onsets();
    for (auto& place : places) {
        const Seconds at = place.time;
        place.strength = 0;
        for (auto onset = std::lower_bound(onsets.begin(), onsets.end(), at - reach,
                                           [](const FoundOnset&o, Seconds t) { return o.time < t; });
             onset != onsets.end() && onset->time <= at + reach; ++onset)
            place.strength = std::max(place.strength, onset->strength);
    }
}

} // namespace pulsepin
