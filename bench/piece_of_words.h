// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/word_hand.h"
#include "support/projects.h"

namespace pulsepin::test {

inline constexpr double seconds_between_words = 0.29;

inline double seconds_of_words(int count) {
    return seconds_between_words * count + 2;
}

/// As long as so many words last; none is there yet.
inline LaneOfWords lane_of_words(int count) {
    return with_lane_of_words(steady_project(120, 0, seconds_of_words(count)));
}

/// With all of them set on their moments, over three a second, in lines of eight.
inline Project piece_of_words(const LaneOfWords& words, int count) {
    std::vector<Pin> pins;
    for (int i = 0; i < count; ++i)
        pins.push_back(
            {{},
             MusicalAnchor{Ticks(static_cast<std::int64_t>(seconds_between_words * 2 * i * ticks_per_beat))},
             WordBody{"levee" + std::to_string(i % 10), {}, i / 8 + 1, i + 1},
             {}});
    return *with_pins(words.project, words.lane, std::move(pins));
}

} // namespace pulsepin::test
