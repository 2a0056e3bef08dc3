// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/features.h"
#include "time/beat_grid.h"

namespace pulsepin {

/// What a beat of a song sounds like; where there is no grid, half a second.
struct Moment {
    static constexpr std::size_t harmony_parts = 60, rise_parts = Features::rise_bands / 2,
                                 dimensions = harmony_parts + rise_parts + drum_count;
    Seconds start;
    bool may_begin = true;                 ///< a section may begin here: at a bar, where there is a grid
    std::array<float, dimensions> sound{}; ///< deviations from the song's mean, smoothed over a bar
    std::array<float, drum_count> hits{};  ///< of each drum, as likely as they are
    double level_db = -90;                 ///< RMS
    double low = 0;                        ///< log spectrum below 150 Hz
};

/// The beats of the grid, and as many before and behind as there is sound.
[[nodiscard]] std::vector<Moment> moments_of(const Features& features, const BeatGrid* grid);

/// How alike two moments, or means of such, sound: -1 to 1.
[[nodiscard]] double likeness(const std::array<float, Moment::dimensions>& a,
                              const std::array<float, Moment::dimensions>& b);

/// Per moment: how much more alike the stretches before and after are within themselves than with each other
/// (Foote 2000: a checkerboard with a Gaussian taper over `reach` moments to either side).
[[nodiscard]] std::vector<float> corner_novelty(const std::vector<Moment>& moments, int reach);

} // namespace pulsepin
