// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/slow_move.h"

#include "hand/poses.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/lane_edits.h"

#include <algorithm>

namespace pulsepin {
namespace {

constexpr double smallest_share = 0.02;

/// The box fills the frame: position, scale and rotation, in the order of pose_parameters().
PoseBody pose_of(const MoveBox& box, PoseBody pose) {
    const double scale = 1 / std::max(smallest_share, box.share);
    pose.values[0] = -box.x * scale;
    pose.values[1] = -box.y * scale;
    pose.values[2] = 100 * scale;
    pose.values[3] = 0;
    return pose;
}

MoveBox box_of(const PoseBody& pose) {
    const double scale = std::max(1e-6, pose.values[2] / 100);
    return {-pose.values[0] / scale, -pose.values[1] / scale, 1 / scale};
}

} // namespace

std::optional<SlowMove> slow_move_of(const Schedule& schedule, LayerId layer) {
    const Lane* lane = pose_lane_of(schedule.project(), layer);
    if (!lane || lane->pins.size() != 2)
        return std::nullopt;
    const auto& placed = schedule.pins(lane->id).pins;
    if (placed.size() != 2)
        return std::nullopt;
    const auto box = [&](std::size_t i) {
        return box_of(body_of<PoseBody>(lane->pins[placed[i].index].body));
    };
    return SlowMove{box(0), box(1), placed[0].frame, placed[1].frame};
}

Result<Project> with_slow_move(const Schedule& schedule, LayerId id, const MoveBox& first,
                               const MoveBox& last, Ticks from, Ticks until) {
    const Project& project = schedule.project();
    const Layer* layer = project.stage->layer(id);
    if (!layer)
        return fail("No layer is chosen.", {}, "Choose one in the picture or in the list of layers.");
    if (const Lane* lane = pose_lane_of(project, id); lane && !lane->pins.empty()) {
        if (lane->locked)
            return fail("\"" + lane->name + "\" is locked.", {}, "Unlock the lane first.");
        const auto& placed = schedule.pins(lane->id).pins;
        if (lane->pins.size() != 2 || placed.size() != 2)
            return fail("\"" + layer->name + "\" has other poses already.", {},
                        "Move it by those, or delete them first.");
        auto moved = with_body(project, placed[0].id,
                               pose_of(first, body_of<PoseBody>(lane->pins[placed[0].index].body)));
        return moved.and_then([&](const Project& half) {
            return with_body(half, placed[1].id,
                             pose_of(last, body_of<PoseBody>(lane->pins[placed[1].index].body)));
        });
    }
    if (!project.grid)
        return fail("There are no beats yet.", {}, "Find the beats first, or tap them.");
    if (until <= from)
        return fail("The stretch is empty.", {}, "Draw a range on the ruler.");
    Project next = project;
    const Lane* lane = pose_lane_of(next, id);
    if (!lane) {
        next = with_lane(next, kind_of(body_type<PoseBody>), layer->name + " move");
        auto driven = with_motion(next, next.lanes.back()->id, pose_motion(id));
        if (!driven)
            return tl::unexpected(driven.error());
        next = *std::move(driven);
        lane = next.lanes.back().get();
    }
    const PoseBody begun = pose_at(schedule, *layer, Frames(0));
    return with_pins(next, lane->id,
                     {{{}, MusicalAnchor{from, Seconds(0)}, pose_of(first, begun), {}},
                      {{}, MusicalAnchor{until, Seconds(0)}, pose_of(last, begun), {}}});
}

MoveBox box_within(MoveBox box, double width, double height, int picture_width, int picture_height) {
    const double most = std::min(width / picture_width, height / picture_height);
    box.share = std::clamp(box.share, smallest_share, std::max(smallest_share, most));
    const double room_x = std::max(0.0, (width - box.share * picture_width) / 2),
                 room_y = std::max(0.0, (height - box.share * picture_height) / 2);
    box.x = std::clamp(box.x, -room_x, room_x);
    box.y = std::clamp(box.y, -room_y, room_y);
    return box;
}

} // namespace pulsepin
