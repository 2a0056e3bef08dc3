// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/lights.h"
#include "model/project.h"
#include "schedule/schedule.h"

#include <span>

namespace pulsepin {

/// A light at that place, as the brush has it, on those lamps. Fails where the lane is locked, gone or none
/// of lights.
[[nodiscard]] Result<Project> with_light(const Project& project, LaneId lane, std::vector<LampId> on,
                                         Anchor at, LightBody brush);

/// What a lane lights at a frame of some lamps (places in Rig::fixtures), the latest first, each pin once.
[[nodiscard]] std::vector<PinId> lights_on(const Schedule& schedule, LaneId lane,
                                           std::span<const std::size_t> lamps, double frame);

/// Nothing lights these lamps at that frame any more: what lights others besides goes on lighting those.
/// Fails where the lane is locked, or gone.
[[nodiscard]] Result<Project> without_lights_at(const Schedule& schedule, LaneId lane,
                                                std::span<const std::size_t> lamps, double frame);

/// The lamps lit on each beat from `from` up to `until`, in pulses of the brush: one light a place. Places
/// where the lane lights one of them already are left alone; `count` tells how many were lit. Fails without a
/// grid.
struct LitOnBeats {
    Project project;
    std::size_t count = 0;
};
[[nodiscard]] Result<LitOnBeats> lit_on_beats(const Project& project, LaneId lane, std::vector<LampId> on,
                                              Ticks from, Ticks until, Ticks every, const LightBody& brush);

/// All lights of a lane that light nothing but lamps of a group, or of `of` (none: all).
[[nodiscard]] std::vector<PinId> lights_of_group(const Project& project, LaneId lane, LampId of);

/// Their colours: each `from` and `to` that is not dark.
[[nodiscard]] Project recoloured(const Project& project, std::span<const PinId> lights, Colour colour);

/// Each group's strength is driven by a lane; 0: by nothing.
[[nodiscard]] Result<Project> with_drive(const Project& project, LaneId lights, LampId of, LaneId by);

} // namespace pulsepin
