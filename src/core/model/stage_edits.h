// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

namespace pulsepin {

/// The layer put just below the camera, with an id of its own. Fails for a second camera.
[[nodiscard]] Result<Project> with_layer(const Project& project, Layer layer);
/// The layer of that id as it is given. Its kind stays.
[[nodiscard]] Result<Project> with_changed_layer(const Project& project, Layer layer);
/// Feeds that drove it keep their names and ranges but drive nothing. Fails for the camera.
[[nodiscard]] Result<Project> without_layer(const Project& project, LayerId layer);
/// As many places higher; the camera stays on top.
[[nodiscard]] Result<Project> with_layer_raised(const Project& project, LayerId layer, int by);

} // namespace pulsepin
