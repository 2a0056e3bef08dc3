// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/placement.h"

#include "drawing/kind_look.h"
#include "schedule/snapping.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

// Within either a place pulls, where it does not always.
constexpr double near_pixels = 8;
constexpr Seconds near_time{0.04};

} // namespace

Seconds snapped(const CanvasPlacement& placement, const Schedule& schedule, const ViewState& view,
                Seconds time, bool doubtful) {
    if (view.snap() == Snap::Off)
        return time;
    const bool always = view.snap() == Snap::Always;
    const auto& range = view.range();
    const auto place =
        nearest_place(schedule, range ? std::optional(TimeSpan{range->from, range->until}) : std::nullopt,
                      doubtful && !always ? without_grid(view.snaps_to()) : view.snaps_to(), time);
    if (!place)
        return time;
    const bool is_near =
        std::abs((*place - time).value) <= near_time.value || placement.distance(*place, time) <= near_pixels;
    return always || is_near ? *place : time;
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
