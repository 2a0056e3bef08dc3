// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <functional>
#include <span>

namespace pulsepin {

/// Several lamps at once, as they are hung.
struct LampArrangement {
    enum class Shape { Row, Arc, Ring, Grid };
    std::string name = "Lamps"; ///< of their group; lamps are "1", "2" ...
    int count = 8;
    Shape shape = Shape::Row;
    int columns = 4;               ///< of a grid
    double x = 50, y = 50;         ///< of their middle, percent of the plan
    double width = 80, height = 0; ///< percent; of an arc how high it is
    Fixture like = {};             ///< kind and fine channels
};
/// As a group of their own, patched behind all that are patched. Fails without a name, for less than one lamp
/// or more than 20 000 in all, and where no universe has room.
[[nodiscard]] Result<Project> with_lamps(const Project& project, const LampArrangement& arrangement);
/// A prop: a lamp at each of its points, percent of the plan, in one row of lanes.
[[nodiscard]] Result<Project> with_prop(const Project& project, const std::string& name,
                                        std::span<const std::pair<double, double>> points,
                                        const Fixture& like);
/// One lamp more at a place of the plan, as the last one of that group is; without a group the first of a new
/// one. Patched behind all that are patched. Fails as with_lamps() does.
[[nodiscard]] Result<Project> with_lamp_at(const Project& project, LampId group, double x, double y);
/// Groups go with their last lamp; lights that lit nothing else go too.
[[nodiscard]] Project without_lamps(const Project& project, std::span<const LampId> lamps);
/// `change` is called for each lamp among them, and of groups. Fails where two would share a channel.
[[nodiscard]] Result<Project> with_changed_lamps(const Project& project, std::span<const LampId> lamps,
                                                 const std::function<void(Fixture&)>& change);
/// Fails without a name.
[[nodiscard]] Result<Project> with_lamps_renamed(const Project& project, LampId lamp,
                                                 const std::string& name);
/// In one row of lanes, or each in its own.
[[nodiscard]] Project with_one_row(const Project& project, LampId group, bool one_row);
/// The lamps, in their order, one behind the other from that channel on; those that do not fit begin the next
/// universe. Fails where one would share a channel with a lamp that is not among them, or there is no such
/// universe.
[[nodiscard]] Result<Project> patched(const Project& project, std::span<const LampId> lamps, int universe,
                                      int first_channel);
/// Dimmer, picture of the plan, outputs.
[[nodiscard]] Result<Project> with_rig(const Project& project, const std::function<void(Rig&)>& change);
/// What is lit by one is lit by the other, in all lanes.
[[nodiscard]] Project with_rows_swapped(const Project& project, LampId a, LampId b);
/// Lights of single lamps moved to those so many rows further down; others stay. Lamps of the ends stay
/// there.
[[nodiscard]] Project with_lights_moved(const Project& project, std::span<const PinId> pins, int rows);

} // namespace pulsepin
