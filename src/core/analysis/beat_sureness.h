// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/beat_refine.h"
#include "analysis/fitted.h"
#include "analysis/grid_choice.h"

namespace pulsepin {

/// How likely it is that nothing else than the best grid is the beat: rivals nearly the same count for it.
[[nodiscard]] float sureness_of(const std::vector<ScoredGrid>& grids);

/// How likely the grid half a beat beside the best one is, against that one alone.
[[nodiscard]] float off_beat_of(const std::vector<ScoredGrid>& grids);

/// What tells whether a beat is one: what the network hears on it and between beats, around it and in the
/// whole song, the attack, how even the beats are there, how sure the grid is.
using BeatSigns = std::array<double, beat_sign_count>;

/// Of each beat of the best grid. Needs what the network hears.
[[nodiscard]] std::vector<BeatSigns>
beat_signs(const Features& features, const std::vector<ScoredGrid>& grids, const RefinedBeats& beats);

/// How likely it is of each beat of the best grid that it lies within 70 ms of a true one: a logistic model
/// over its signs. Without what the network hears how clear its attack is.
[[nodiscard]] std::vector<float>
beat_confidence(const Features& features, const std::vector<ScoredGrid>& grids, const RefinedBeats& beats);

} // namespace pulsepin
