// SPDX-License-Identifier: GPL-3.0-or-later
#include "canvas/placement.h"

#include "kinds/kind_look.h"
#include "schedule/snapping.h"

#include <algorithm>

namespace pulsepin {
namespace {

constexpr double snap_distance = 9; // pixels within which a beat pulls, where it does not always

} // namespace

Seconds snapped(const CanvasPlacement& placement, const Schedule& schedule, const ViewState& view,
                Seconds time, bool off_grid) {
    if (off_grid || view.snap() == Snap::Off)
        return time;
    const auto& range = view.range();
    const auto place =
        nearest_place(schedule, range ? std::optional(TimeSpan{range->from, range->until}) : std::nullopt,
                      view.snaps_to(), time);
    if (!place)
        return time;
    return view.snap() == Snap::Always || placement.distance(*place, time) <= snap_distance ? *place : time;
}

QPointF head_position(const CanvasPlacement& placement, const Scene& scene, PinId pin) {
    constexpr double inside = 5; // a head that hangs at the top of its row
    for (std::size_t i = 0; i < scene.schedule.size(); ++i)
        for (const auto& resolved : scene.schedule[i].pins)
            if (resolved.id == pin) {
                const auto place = placement.lane_place(i, resolved.time);
                if (!place)
                    return {-1, -1};
                const LaneScene lane = lane_scene(scene, *place);
                const double y =
                    look_of_kind(lane.lane.kind).head_y(lane, lane.lane.pins[resolved.index].body);
                return {place->scale.x(resolved.time), std::max(y, place->row.top() + inside)};
            }
    return {-1, -1};
}

} // namespace pulsepin
