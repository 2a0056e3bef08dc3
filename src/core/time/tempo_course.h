// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "time/beat_grid.h"

namespace pulsepin {

/// How the tempo of a song runs.
enum class TempoCourse {
    Constant,  ///< one tempo, as machines play
    Steps,     ///< a few tempi, each constant
    BeatByBeat ///< as people play
};

/// The beats of a grid as they would lie with a simpler course of the tempo.
struct CourseFit {
    std::vector<Seconds> times;  ///< of each beat
    std::vector<Seconds> errors; ///< the grid's time less that
    Seconds residual;            ///< median size of the errors
    std::size_t tempi = 1;
};

/// One line through all beats, so that the error does not grow over the song. Least squares with Huber's
/// weights (Huber 1964), so that a few wrong beats do not turn it; held beats count a thousandfold.
[[nodiscard]] CourseFit fit_constant(const BeatGrid& grid);

/// Lines that meet at beats: their number is weighed against what they leave over (dynamic programming over
/// partitions, Bellman 1961), then all are fitted together.
[[nodiscard]] CourseFit fit_steps(const BeatGrid& grid);

/// The grid with its beats at other times, each one corrected where it moved; held beats stay held.
/// Fails when there is another number of times, or when they do not rise.
[[nodiscard]] Result<BeatGrid> with_beat_times(const BeatGrid& grid, const std::vector<Seconds>& times);

} // namespace pulsepin
