// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/planting.h"
#include "schedule/picker.h"

#include <span>

namespace pulsepin {

// How the members of one group differ from each other (model/planting.h, Variation). `number` counts them
// from 0, `way` is how far along the group one lies, 0 to 1.

[[nodiscard]] Colour colour_for(const Variation& variation, Colour same, Ticks at, std::size_t number,
                                double way);
[[nodiscard]] double strength_for(const Variation& variation, double same, const Picked& place,
                                  std::size_t number, double way);
/// How far along the group a place lies in time, 0 to 1.
[[nodiscard]] double way_of(std::span<const Picked> places, std::size_t i);

} // namespace pulsepin
