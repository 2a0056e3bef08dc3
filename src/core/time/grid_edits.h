// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "time/beat_grid.h"

namespace pulsepin {

// Relabelling: the beats stay where they are in time and get other names. Items keep their time.

/// Every second beat, so that the tempo halves. Downbeats are kept.
[[nodiscard]] Result<BeatGrid> with_half_tempo(const BeatGrid& grid);
/// A beat half way between each two, so that the tempo doubles.
[[nodiscard]] Result<BeatGrid> with_double_tempo(const BeatGrid& grid);
/// That beat (a number as in BeatGrid) becomes bar 1, beat 1.
[[nodiscard]] Result<BeatGrid> with_bar_one_at(const BeatGrid& grid, std::int64_t beat);
/// One metre for the whole song, counted from bar 1.
[[nodiscard]] Result<BeatGrid> with_metre(const BeatGrid& grid, Metre metre);

// Retiming: the beats move and keep their names. Items keep their beat.

[[nodiscard]] Result<BeatGrid> shifted(const BeatGrid& grid, Seconds by);
/// All beats at one tempo through the best-fitting line over the present ones (least squares).
[[nodiscard]] Result<BeatGrid> made_steady(const BeatGrid& grid);
/// All beats stretched about bar 1 so that the mean tempo becomes `tempo`.
[[nodiscard]] Result<BeatGrid> with_mean_tempo(const BeatGrid& grid, Bpm tempo);

} // namespace pulsepin
