// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <span>

namespace pulsepin {

/// How well a bar of the grid agrees with what is heard in it.
struct BarTrust {
    std::int64_t beat = 0; ///< its first
    Seconds from, until;
    double trust = 0;             ///< 0 to 1
    std::optional<Seconds> error; ///< median of onset less beat, where onsets lie near beats
    bool silent = false;          ///< nothing starts in it
};

/// Bar by bar. A beat counts by how near the nearest onset lies (a bell of 25 ms) and how strong it is among
/// those around; a held beat is trusted. A bar is trusted no more than its beats were when they were found.
[[nodiscard]] std::vector<BarTrust> trust_by_bar(const BeatGrid& grid, std::span<const FoundOnset> onsets);

/// Stretches of bars that are not trusted, one after another.
struct DoubtfulPlace {
    Seconds from, until;
};
[[nodiscard]] std::vector<DoubtfulPlace> doubtful_places(std::span<const BarTrust> bars);

/// Whether the bar that a time lies in is not trusted.
[[nodiscard]] bool is_doubtful_at(std::span<const BarTrust> bars, Seconds time);

/// What is different between two grids, beat against beat.
struct GridDifference {
    std::size_t same = 0;    ///< within 2 ms
    std::size_t moved = 0;   ///< within a quarter of a beat
    std::size_t added = 0;   ///< only in the second
    std::size_t dropped = 0; ///< only in the first
    friend bool operator==(const GridDifference&, const GridDifference&) = default;
};
[[nodiscard]] GridDifference difference(const BeatGrid& first, const BeatGrid& second);
/// "The grid is as it was found", "3 beats moved, 1 added, none dropped against what was found".
[[nodiscard]] std::string grid_difference_text(const BeatGrid& found, const BeatGrid& used);

/// Each beat moved to the strongest onset near it; held ones stay, those without an onset go along with their
/// neighbours.
[[nodiscard]] std::vector<Seconds> follow_onsets(const BeatGrid& grid, std::span<const FoundOnset> onsets);

/// Median distance of times from the nearest onsets, over those that have one within 80 ms.
[[nodiscard]] std::optional<Seconds> distance_from_onsets(std::span<const Seconds> times,
                                                          std::span<const FoundOnset> onsets);

} // namespace pulsepin
