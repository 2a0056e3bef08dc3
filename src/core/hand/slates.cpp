// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/slates.h"

#include "model/change_pins.h"
#include "schedule/resolve.h"

#include <algorithm>
#include <map>

namespace pulsepin {
namespace {

ClipId shot_after(const std::vector<const Clip*>& shots, ClipId before) {
    const auto found =
        std::find_if(shots.begin(), shots.end(), [before](const Clip* clip) { return clip->id == before; });
    if (found == shots.end() || found + 1 == shots.end())
        return shots.front()->id;
    return (*(found + 1))->id;
}

} // namespace

Result<Project> with_slates_filled(const Project& project, LaneId id, const PinSet& pins) {
    const Lane* lane = project.lane(id);
    const auto shots = project.shots();
    if (!lane || !holds<CutBody>(lane->kind))
        return fail("That lane is no longer there.");
    if (lane->locked)
        return fail("\"" + lane->name + "\" is locked.", {}, "Unlock the lane first.");
    if (shots.empty())
        return fail("There are no shots to fill them with.", {},
                    "Add video files or pictures to the bin first.");
    std::map<PinId, ClipId> filled;
    ClipId before;
    for (const auto& pin : resolve(project, *lane).pins) {
        const Pin& cut = lane->pins[pin.index];
        ClipId shot = body_of<CutBody>(cut.body).shot;
        if (shot == ClipId{} && !cut.locked && (pins.empty() || pins.contains(cut.id)))
            filled[cut.id] = shot = shot_after(shots, before);
        before = shot;
    }
    if (filled.empty())
        return fail(pins.empty() ? "There is no slate to fill." : "No slate is selected.");
    return with_each_pin(
        project, [&](const Lane&, const Pin& pin) { return filled.contains(pin.id); },
        [&](Pin& pin) { body_of<CutBody>(pin.body).shot = filled.at(pin.id); });
}

} // namespace pulsepin
