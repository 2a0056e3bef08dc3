// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/schedule.h"

#include <functional>
#include <set>
#include <span>

namespace pulsepin {

/// A sound within a spoken word, as far as a mouth shows it.
struct MouthSound {
    std::string ipa;
    bool vowel = false;
    double from = 0; ///< share of the word's length
};
/// How a word sounds; empty for what is not spoken.
using SoundsOf = std::function<std::vector<MouthSound>(const std::string& word)>;

/// Ten shapes of our own naming, with the sounds (IPA) that have them; what stands in none is like the most
/// similar letter's. The first is the mouth at rest.
[[nodiscard]] std::span<const MouthShape> usual_mouth();
/// The lane's own table, or the usual one.
[[nodiscard]] std::vector<MouthShape> mouth_of(const Lane& exposures);
/// The name of the shape for a sound: of the longest sign in the table that the sound begins with; the rest's
/// where there is none.
[[nodiscard]] std::string mouth_shape(const std::vector<MouthShape>& mouth, const std::string& ipa);

struct MouthMade {
    Project project;
    LaneId lane;
    std::size_t shapes = 0, words = 0;
};
/// The sounds of each word spread over its length and held for whole frames (the lane's least at least; where
/// a word is too short, vowels and closed lips stay), as drawings tied to the words. Into the lane of
/// exposures that shows these words, or a new one; what it showed of them before is made again. Fails where
/// no word is set.
[[nodiscard]] Result<MouthMade> with_mouth_shapes(const Schedule& schedule, LaneId words,
                                                  const SoundsOf& sounds);

} // namespace pulsepin
