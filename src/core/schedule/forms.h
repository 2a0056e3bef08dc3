// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/lane_kind.h"
#include "schedule/picker.h"

#include <span>

namespace pulsepin {

/// What goes on each picked position; none where a shot would become shorter than the form allows, counting
/// the cuts that are there already.
/// Fails for cuts where there is no shot to choose.
[[nodiscard]] Result<PlacedBodies> bodies_for(const Project& project, const Lane& lane,
                                              std::span<const Picked> places, const PlantingForm& form);

/// What a single pin that is added at a place is like: as its planting would form it, else as the pin before
/// it in the lane; a cut shows the next shot in turn. Fails as bodies_for() does.
[[nodiscard]] Result<PinBody> body_at(const Project& project, const Lane& lane, Ticks at,
                                      PlantingId planting);

/// The strength of the onset that lies at each place, within a twentieth of a second; 0 where there is none.
void take_strength_of_onsets(const Project& project, std::vector<Picked>& places);

} // namespace pulsepin
