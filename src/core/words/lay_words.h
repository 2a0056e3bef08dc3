// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/quantity.h"

#include <span>
#include <vector>

namespace pulsepin {

/// Where a voice may begin a word.
struct VoiceOnset {
    Seconds time;
    double strength = 0; ///< 0 to 1
};

/// Lays words between two that are set. `syllables` has one number for each word from the first set one
/// (which begins at `first`) to the one before the last set one (which begins at `last`): the words laid are
/// all but the first of them. Each goes where a voice begins, as strongly as possible, so that words last in
/// proportion to their syllables; between words there may be rests. Found by dynamic programming over onsets
/// and the places between them, at several paces. Returns one time for each word laid, rising.
[[nodiscard]] std::vector<Seconds> lay_words(Seconds first, Seconds last, std::span<const int> syllables,
                                             std::span<const VoiceOnset> onsets);

} // namespace pulsepin
