// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/beat_tracker.h"

namespace pulsepin {

/// For each beat the log odds that a bar starts there, from bass, harmony and level around it.
[[nodiscard]] std::vector<double> downbeat_log_odds(const Features& features, const BeatTrack& beats);

/// Which of the first `beats_per_bar` beats starts a bar, so that the evidence over the song is largest.
[[nodiscard]] int first_downbeat(std::span<const double> log_odds, int beats_per_bar);

/// Mean probability on the best downbeats minus that on the other beats: how clear the bars are.
[[nodiscard]] double downbeat_contrast(const Features& features, const BeatTrack& beats, int beats_per_bar);

} // namespace pulsepin
