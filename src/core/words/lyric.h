// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/quantity.h"

#include <optional>
#include <string>
#include <vector>

namespace pulsepin {

/// A word of a text, with the times that the text gave it.
struct LyricWord {
    std::string text = {}; ///< UTF-8, without blanks
    std::optional<Seconds> start = {};
    std::optional<Seconds> end = {}; ///< none: until the next
    friend bool operator==(const LyricWord&, const LyricWord&) = default;
};

/// Words that belong together: a line of a lyric, a cue of captions.
struct LyricLine {
    std::vector<LyricWord> words = {};
    std::string speaker = {};
    std::optional<Seconds> start = {};
    std::optional<Seconds> end = {};
    std::size_t in_file = 0; ///< the line of the file it begins at, from 1
    friend bool operator==(const LyricLine&, const LyricLine&) = default;
};

/// What a person should know of a line that was read all the same.
struct LyricRemark {
    std::size_t line = 0; ///< of the file, from 1
    std::string what;
    friend bool operator==(const LyricRemark&, const LyricRemark&) = default;
};

/// A text whose words are to be set, or are set.
struct Lyric {
    std::vector<LyricLine> lines = {};
    std::vector<LyricRemark> remarks = {};
    friend bool operator==(const Lyric&, const Lyric&) = default;
};

} // namespace pulsepin
