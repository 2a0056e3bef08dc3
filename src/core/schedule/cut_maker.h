// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/forms.h"

namespace pulsepin {

/// The cuts that a form makes at some places of a lane: which shot from where, knowing what is seen before
/// each; none where a shot would become too short. Fails where there is no shot to choose.
[[nodiscard]] Result<PlacedBodies> make_cuts(const Project& project, const Lane& lane,
                                             std::span<const Picked> places, const PlantingForm& form);

} // namespace pulsepin
