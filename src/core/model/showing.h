// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/easing.h"
#include "params/ids.h"
#include "params/length.h"

#include <string>

namespace pulsepin {

/// How what appears comes, or goes.
struct Passage {
    std::string move = "none"; ///< one of moves()
    Length length = {Length::Unit::InFrames, 8};
    Easing easing = {.id = "sine-out"};
    friend bool operator==(const Passage&, const Passage&) = default;
};

/// What appears on a lane, and how.
struct Showing {
    using lane_part = void;
    LayerId layer = {};
    Passage comes = {};
    /// So many frames before the beat it begins to come (common practice: 3, so that it is seen on the beat).
    Frames early = Frames(3);
    bool arrives = false;                         ///< instead: it is all there on the beat
    Passage goes = {.easing = {.id = "sine-in"}}; ///< over at its end
    std::string loop = "none";                    ///< in between: one of loops()
    double loop_beats = 2;                        ///< that one turn of it takes
    double loop_amount = 100;                     ///< percent of what is usual
    double letter_delay =
        0; ///< of titles: frames by which each letter comes and goes later than the one before
    /// What of the words that its appearances are tied to they show, and how.
    enum class Words { Own, Word, Line, LitLine } words = Words::Own;
    friend bool operator==(const Showing&, const Showing&) = default;
};

} // namespace pulsepin
