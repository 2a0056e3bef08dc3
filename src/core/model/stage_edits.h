// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <span>
#include <string_view>

namespace pulsepin {

/// The layer put just below the camera, with an id of its own. Fails for a second camera.
[[nodiscard]] Result<Project> with_layer(const Project& project, Layer layer);
/// The layer of that id as it is given. Its kind stays.
[[nodiscard]] Result<Project> with_changed_layer(const Project& project, Layer layer);
/// Feeds that drove it keep their names and ranges but drive nothing. Fails for the camera.
[[nodiscard]] Result<Project> without_layer(const Project& project, LayerId layer);
/// Whether a layer lies in itself or hangs on itself, through its groups and parents.
[[nodiscard]] bool leads_back(const Stage& stage, LayerId layer);

// The parameters of an effect of which a layer has several bear its number: "blur", "blur#2".
[[nodiscard]] std::string parameter_id(std::string_view parameter, int number);
[[nodiscard]] std::string_view base_parameter(std::string_view id);
[[nodiscard]] int number_of_parameter(std::string_view id);
[[nodiscard]] int free_effect_number(const Layer& layer, std::string_view effect);

/// The layers as a group, where the highest of them lay. Fails for the camera.
[[nodiscard]] Result<Project> with_group_of(const Project& project, std::span<const LayerId> layers,
                                            std::string name);
/// The layer just below the one that lies at that place now, in that group. Fails for the camera, and where a
/// group would lie in itself.
[[nodiscard]] Result<Project> with_layer_placed(const Project& project, LayerId layer, std::size_t at,
                                                LayerId group);
[[nodiscard]] Project with_motion_blur(const Project& project, bool all, double shutter, int samples);
/// Under its name, in place of another of that name. Fails without a name.
[[nodiscard]] Result<Project> with_look_kept(const Project& project, Look look);
/// Under its name, in the place of one of that name.
[[nodiscard]] Result<Project> with_curve_kept(const Project& project, KeptCurve curve);
[[nodiscard]] Project without_curve(const Project& project, const std::string& name);
[[nodiscard]] Project without_look(const Project& project, const std::string& name, bool of_title);
/// What appears on a lane of appearances, and how.
[[nodiscard]] Result<Project> with_showing(const Project& project, LaneId lane, Showing showing);
/// As many places higher; the camera stays on top.
[[nodiscard]] Result<Project> with_layer_raised(const Project& project, LayerId layer, int by);

} // namespace pulsepin
