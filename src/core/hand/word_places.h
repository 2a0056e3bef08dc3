// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/word_titles.h"

namespace pulsepin {

// Words in the picture by hand: each is moved by itself, with its line, or with all of them.

enum class WordReach { Word, Line, All };
/// The appearances that move with one of them.
[[nodiscard]] std::vector<PinId> words_meant(const std::vector<TitledWord>& words, PinId one,
                                             WordReach reach);

/// The lane of titles of words that a layer has; with 0, or for another layer, the first there is. 0: there
/// are none.
[[nodiscard]] LaneId titles_of(const Schedule& schedule, LayerId layer);

/// In the picture's pixels, from where each is. Those that are locked stay; fails where all are.
[[nodiscard]] Result<Project> with_words_shifted(const Project& project, const std::vector<PinId>& words,
                                                 double x, double y);

/// The line of words ends with that one: what follows it in the line begins the next one, and what lies
/// between in the next line comes into this one. Fails for words without a line, across more than a line, and
/// where the line would be empty.
[[nodiscard]] Result<Project> with_line_ended_at(const Schedule& schedule, LaneId titles, int line,
                                                 PinId last);

} // namespace pulsepin
