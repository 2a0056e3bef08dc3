// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

namespace pulsepin {

/// Slates of the lane among `pins`, or all of them where that is empty, get the shots of the bin in turn,
/// each going on after the shot before it. Fails without shots or slates.
[[nodiscard]] Result<Project> with_slates_filled(const Project& project, LaneId lane, const PinSet& pins);

} // namespace pulsepin
