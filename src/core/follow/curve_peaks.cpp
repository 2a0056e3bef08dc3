// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/curve_peaks.h"

#include "model/lane_edits.h"
#include "model/pin_edits.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

Result<Project> with_markers_at_tops(const Project& project, LaneId id, const FollowerCurve& curve,
                                     double least, Seconds gap, LaneKind kind) {
    const Lane* lane = project.lane(id);
    if (!lane)
        return fail("That lane is no longer there.");
    const auto tops = peaks_of(curve.values(), static_cast<float>(least),
                               static_cast<std::size_t>(std::max(0.0, gap.value * curve.per_second())));
    if (tops.empty())
        return fail("\"" + lane->name + "\" has no top as high as that.", {}, "Ask for lower ones.");
    std::vector<Pin> pins;
    for (const auto& top : tops) {
        const Seconds at(static_cast<double>(top.index) / curve.per_second());
        Pin pin{{}, TimeAnchor{at}, MarkerBody{"top of " + lane->name}, {}};
        if (project.grid) {
            const Ticks tick = project.grid->nearest_tick(at);
            pin.anchor = MusicalAnchor{tick, at - project.grid->time_at(tick)};
        }
        pins.push_back(std::move(pin));
    }
    Project next = with_lane(project, kind, "Tops of " + lane->name);
    return with_pins(next, next.lanes.back()->id, std::move(pins));
}

} // namespace pulsepin
