// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

namespace pulsepin {

/// The lane once more, below it, with its pins or without; each pin as it lies now, no longer part of a
/// planting. It acts `later` frames after the first one. Fails for a lane that is not there.
[[nodiscard]] Result<Project> with_lane_duplicated(const Project& project, LaneId lane, bool pins,
                                                   Frames later = Frames(0));

/// The layer once more, above it, with the lanes that drive it: those drive the new one, and nothing else.
/// Their copies act `later` frames after the first ones. Fails for the camera.
[[nodiscard]] Result<Project> with_layer_duplicated(const Project& project, LayerId layer,
                                                    Frames later = Frames(0));

/// How much each copy of a layer differs from the one before.
struct LayerStep {
    double x = 0, y = 0, turn = 0, scale = 0;
    Frames later = Frames(0);
};
/// The layer so many times more, with its lanes.
[[nodiscard]] Result<Project> with_layer_repeated(const Project& project, LayerId layer,
                                                  const LayerStep& step, int times);
/// The lanes that drive another layer once more, so that they drive this one.
[[nodiscard]] Result<Project> with_lanes_of(const Project& project, LayerId layer, LayerId from);
/// The layer has the values of another, as that has them by itself. What it shows, and what drives it, stays.
[[nodiscard]] Result<Project> with_values_of(const Project& project, LayerId layer, LayerId from);
/// The lane's curve is shaped as that of another lane of its kind: its pulse, or what it follows and the
/// steps. What it drives, and its range, stay. Fails where the kinds differ or have no shape.
[[nodiscard]] Result<Project> with_shape_of(const Project& project, LaneId lane, LaneId from);

} // namespace pulsepin
