// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <span>
#include <vector>

namespace pulsepin {

/// Beats as places on the slow clock of the features, rising.
using BeatTrack = std::vector<double>;

/// The median distance of neighbouring beats in slow frames; 0 for fewer than two.
[[nodiscard]] double period_of(const BeatTrack& track);
[[nodiscard]] double bpm_of_period(double period);
[[nodiscard]] double period_of_bpm(double bpm);

struct PathModel {
    int shortest = 1; ///< periods in slow frames
    int longest = 1;
    float stiffness = 60; ///< cost of a change of period, times the change less one frame, by the period
    double reach = 0.2;   ///< largest change, as a share of the period
    double slack = 1;     ///< and this many frames more
    /// Where not empty: the period that is expected at each frame; a period costs pull * ln(period /
    /// expected)^2.
    std::span<const float> expected;
    float pull = 2;
};

/// The path of beats with the largest sum of rewards less the cost of its changes of period: what a bar
/// pointer that changes its tempo only at beats would find (Krebs, Boeck, Widmer 2015), without the states
/// between beats. It may begin at any frame within the first period and ends within the last.
[[nodiscard]] BeatTrack best_path(const PathModel& model, std::span<const float> reward);

} // namespace pulsepin
