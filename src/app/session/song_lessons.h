// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/level_lessons.h"

namespace pulsepin {

/// What a person said of the levels of songs, kept for this user on this computer and nowhere else.
namespace song_lessons {

/// None where there are none, and where their file cannot be read.
[[nodiscard]] std::vector<LevelLesson> all();
/// Fails where the file cannot be written, or is something else.
[[nodiscard]] Result<std::size_t> remember(LevelLesson lesson); ///< how many there are now
[[nodiscard]] Result<std::size_t> forget_all();                 ///< how many there were

} // namespace song_lessons

} // namespace pulsepin
