// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/beat_path.h"

namespace pulsepin {

struct SteadyTrack {
    BeatTrack beats;
    std::vector<bool> moved; ///< for each beat: it was not among those that were found
};

/// A song at one tempo whose beats go over to the off-beats for a while has slipped: all go to where most
/// are. Steady is where beats lie on one lattice of half beats (length of the mean unit vector of their
/// phases, as in Fisher, "Statistical analysis of circular data", 1993, at least 0.75); less than 3 %
/// elsewhere are left alone. Looked at as a whole, and in each stretch between two changes of tempo.
[[nodiscard]] SteadyTrack without_half_beat_slips(const BeatTrack& track);

} // namespace pulsepin
