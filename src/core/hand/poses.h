// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/schedule.h"

#include <span>

namespace pulsepin {

// Poses: all that places a layer, as one key.

/// The lane of poses that drives the layer, the first that is not locked; null when there is none.
[[nodiscard]] const Lane* pose_lane_of(const Project& project, LayerId layer);
/// What such a lane drives.
[[nodiscard]] Motion pose_motion(LayerId layer);
/// How the layer is posed at a frame: by its lane of poses, or else by its own values. What pulses and other
/// lanes add is theirs and no part of it.
[[nodiscard]] PoseBody pose_at(const Schedule& schedule, const Layer& layer, Frames frame);

struct Posed {
    Project project;
    LaneId lane;
    PinSet poses;
};
/// The pose that the layer is seen in at `now` becomes a key there, on the beat if one is near, or at each of
/// the pins in `at`, to which the poses are tied; one that lies there already takes the values. A lane of
/// poses is made where the layer has none. Fails when the layer or a pin is gone.
[[nodiscard]] Result<Posed> with_pose(const Schedule& schedule, LayerId layer, Seconds now,
                                      std::span<const PinId> at = {});

/// One value of the pose at that frame is another: of the pose there, or of a new one.
[[nodiscard]] Result<Project> with_pose_value(const Schedule& schedule, const Project& project,
                                              const Lane& lane, Frames frame, std::size_t index,
                                              double value);

} // namespace pulsepin
