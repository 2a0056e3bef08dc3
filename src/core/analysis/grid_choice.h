// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/grid_candidates.h"
#include "analysis/grid_terms.h"
#include "analysis/level_lessons.h"

namespace pulsepin {

struct ScoredGrid {
    BeatTrack beats;
    BarFit bars;
    GridTerms terms = {};
    double score = 0;             ///< a linear function of the terms; only differences mean something
    double pulse = 0;             ///< probability that there is a pulse at all
    std::vector<bool> moved = {}; ///< beats that lay half a beat beside; empty: none
};

/// The grids that may be the beats, best first.
struct GridChoice {
    std::vector<ScoredGrid> grids;       ///< at a tempo that was asked for, or all where none was
    std::vector<ScoredGrid> others;      ///< at other tempi than that which was asked for
    const LevelLesson* leaned = nullptr; ///< of those given, the one without which it would be another level
};

/// Level, phase and metre are decided at once. The best few are looked at again with the tempo free to bend.
/// No grids where nothing moves. lessons: what a person said of other songs' levels.
[[nodiscard]] GridChoice choose_grid(const Features& features, const Accents& accents,
                                     const GridConditions& conditions, const Progress& progress = {},
                                     std::span<const LevelLesson> lessons = {});

} // namespace pulsepin
