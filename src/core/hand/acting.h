// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/schedule.h"

namespace pulsepin {

/// The section, or the shot of the first lane of cuts, that is there at a moment; none where there is none.
[[nodiscard]] std::optional<TimeSpan> section_around(const Project& project, Seconds at);
[[nodiscard]] std::optional<TimeSpan> shot_around(const Schedule& schedule, Seconds at);

/// A key on a lane that follows: its curve acts in that stretch, coming and going over `fade` outside of it.
/// With a grid the stretch lies on its beats and moves with them. Fails where the lane does not follow.
[[nodiscard]] Result<Project> with_acting(const Project& project, LaneId lane, TimeSpan span, Seconds fade);

} // namespace pulsepin
