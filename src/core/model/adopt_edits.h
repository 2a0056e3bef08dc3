// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <span>

namespace pulsepin {

struct Adopted {
    Project project;
    std::size_t taken = 0;  ///< now tied to the grid
    std::size_t beyond = 0; ///< left loose, since they lie further from a beat than the limit
    Seconds furthest;       ///< how far one that was taken was moved, without its sign
};

/// Loose pins among those that are given become tied to the nearest beat, or part of one (1: beats, 2:
/// halves, 3: thirds, 4: quarters), where that is within `limit`. Pins that are locked, tied already or part
/// of a sound lane stay. A planting in plain time whose pins are taken forgets its picker: its places are the
/// beats' now. Fails without a grid.
[[nodiscard]] Result<Adopted> with_pins_adopted(const Project& project, std::span<const PinId> pins,
                                                int parts, Seconds limit);

} // namespace pulsepin
