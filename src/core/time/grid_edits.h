// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "time/beat_grid.h"

namespace pulsepin {

// Relabelling: the beats stay where they are in time and get other names. Items keep their time.

/// `beats` beats in the place of `of`: 1 of 2 halves the tempo, 3 of 2 makes it half as fast again. Bar 1
/// stays; bars keep their number of beats, changes of metre stay where they still begin a beat. Fails unless
/// both are 1 to 16, and when fewer than two beats would be left.
[[nodiscard]] Result<BeatGrid> with_tempo_ratio(const BeatGrid& grid, int beats, int of);
/// That beat (a number as in BeatGrid) becomes bar 1, beat 1.
[[nodiscard]] Result<BeatGrid> with_bar_one_at(const BeatGrid& grid, std::int64_t beat);
/// One metre for the whole song, counted from bar 1.
[[nodiscard]] Result<BeatGrid> with_metre(const BeatGrid& grid, Metre metre);

// Retiming: the beats move and keep their names. Items keep their beat.

[[nodiscard]] Result<BeatGrid> shifted(const BeatGrid& grid, Seconds by);
/// All beats stretched about bar 1 so that the mean tempo becomes `tempo`.
[[nodiscard]] Result<BeatGrid> with_mean_tempo(const BeatGrid& grid, Bpm tempo);

} // namespace pulsepin
