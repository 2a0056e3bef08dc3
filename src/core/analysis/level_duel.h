// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/grid_choice.h"

namespace pulsepin {

/// Whether the slower grid takes nothing but beats of the faster one, about every second.
[[nodiscard]] bool is_double(const BeatTrack& fast, const BeatTrack& slow);

/// Whether the beats are those of the best grid, every second of them, or twice as many, looked at once more:
/// what tells a level from its double weighs otherwise than what tells one song's grids apart. grids: best
/// first; stays so.
void settle_level(std::vector<ScoredGrid>& grids);

} // namespace pulsepin
