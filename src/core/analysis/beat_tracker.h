// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/features.h"

namespace pulsepin {

/// Beats as places on the slow clock (fractions of frames), rising.
using BeatTrack = std::vector<double>;

struct TrackedBeats {
    BeatTrack beats;
    double score = 0; ///< how well the track suits the song; only differences mean something
    [[nodiscard]] double median_period() const;
};

/// Possible beat tracks, best first: the best path of a semi-Markov model over tempo and phase in each of
/// seven tempo ranges (dynamic programming after Ellis 2007, with the period as part of the state), with its
/// double, half and off-beat readings and straight grids at the same tempi. Empty when nothing in the song
/// moves.
[[nodiscard]] std::vector<TrackedBeats> track_beats(const Features& features, const Progress& progress = {});

/// The track again with the tempo freer to bend, drawn to the beats it already has.
[[nodiscard]] BeatTrack retrack_around(const Features& features, const BeatTrack& track);

} // namespace pulsepin
