// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/features.h"
#include "analysis/fitted.h"

#include <array>
#include <vector>

namespace pulsepin {

/// What tells whether a peak of what the network hears of a drum is a hit of it: how clear it is, what else
/// is heard there, how clear and how frequent that drum is in the whole song, whether the pattern repeats it.
using HitSigns = std::array<double, hit_sign_count>;

struct PossibleHit {
    std::size_t frame; ///< slow
    HitSigns signs;
};

/// The peaks of one drum, in rising order, no two nearer than 30 ms. Needs what the network of drums hears.
[[nodiscard]] std::vector<PossibleHit> possible_hits(const Features& features, Drum drum);

/// How likely a peak must be so that all that are likelier have the greatest expected F measure (Lipton,
/// Elkan and Naryanaswamy 2014: no song's best threshold is another's). 2, so that none is, where even that
/// is so small that the drum does not seem to play.
[[nodiscard]] double likely_enough(std::vector<double> probabilities);

/// Log odds that there is a hit of that drum beyond those that are enough in this song: where a peak lies
/// above 0, there is one. As long as what the network hears, frame by frame.
[[nodiscard]] std::vector<float> weighed_hits(const Features& features, Drum drum);

} // namespace pulsepin
