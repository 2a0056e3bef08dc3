// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

namespace pulsepin {

/// The lane is of that kind, with what lanes of it have besides their pins.
void begin_as(Lane& lane, LaneKind kind);
/// A new lane at the bottom.
[[nodiscard]] Project with_lane(const Project& project, LaneKind kind, std::string name);
[[nodiscard]] Result<Project> with_mute_and_solo(const Project& project, LaneId lane, bool muted, bool solo);
[[nodiscard]] Result<Project> with_lane_locked(const Project& project, LaneId lane, bool locked);
/// Fails for an empty name.
/// sound: one of click_sounds(), from 1 on; 0: its pins are not heard.
[[nodiscard]] Result<Project> with_lane_click(const Project& project, LaneId lane, int sound);
[[nodiscard]] Result<Project> with_lane_named(const Project& project, LaneId lane, std::string name);
/// The lane with all its pins and plantings gone. Fails when it is locked.
[[nodiscard]] Result<Project> without_lane(const Project& project, LaneId lane);
/// The lane as many rows further down; as far as there are rows.
[[nodiscard]] Result<Project> with_lane_moved(const Project& project, LaneId lane, int down);
[[nodiscard]] Result<Project> with_lead(const Project& project, LaneId lane, Offset lead);

/// What the lane drives, and by which curve. Fails when it drives nothing, is locked, or would follow itself.
[[nodiscard]] Result<Project> with_motion(const Project& project, LaneId lane, Motion motion);
/// The lanes whose curves go into that of this one.
[[nodiscard]] std::vector<LaneId> curves_into(const Lane& lane);

/// Kept under its name; one of the same name is replaced. Fails for an empty name.
[[nodiscard]] Result<Project> with_pulse_kept(const Project& project, Pulse pulse);
[[nodiscard]] Project without_pulse(const Project& project, const std::string& name);

} // namespace pulsepin
