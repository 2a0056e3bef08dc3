// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/grid_choice.h"
#include "analysis/level_lessons.h"

#include <optional>
#include <span>

namespace pulsepin {

/// Whether the slower grid takes nothing but beats of the faster one, about every second.
[[nodiscard]] bool is_double(const BeatTrack& fast, const BeatTrack& slow);

/// Whether the beats are those of the best grid, every second of them, or twice as many, looked at once more:
/// what tells a level from its double weighs otherwise than what tells one song's grids apart. grids: best
/// first; stays so. Answers with the lesson without which it would be another level, or null.
const LevelLesson* settle_level(std::vector<ScoredGrid>& grids, std::span<const LevelLesson> lessons = {});

/// What a person says of a song's level by its true beats: nothing where neither of the two levels that were
/// found is that one.
[[nodiscard]] std::optional<LevelLesson> lesson_of(const std::vector<ScoredGrid>& grids, double true_period,
                                                   std::string song);

} // namespace pulsepin
