// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/resolve.h"

#include <vector>

namespace pulsepin {

/// A word or a note, from its start to its end.
struct TextSpan {
    PinId pin;
    std::size_t index = 0; ///< into the lane's pins
    Seconds start, end;
    Frames first; ///< the frame that acts
    Frames until; ///< the first that does not
    int line = 0; ///< of words: their group
    int row = 0;  ///< of notes that overlap
    bool muted = false;
};

/// The words of a lane by time. One that lasts until the next ends where any other begins, one that lasts
/// until its line's end where the line's last word ends; the last word of a line that says nothing of its own
/// ends where the next line begins, and so does any that would last longer; the last of all lasts until the
/// end of the piece. None lasts less than a frame.
[[nodiscard]] std::vector<TextSpan> words_of(const Project& project, const Lane& lane,
                                             const ResolvedLane& resolved);

/// The notes of a lane by time, in rows where they overlap.
[[nodiscard]] std::vector<TextSpan> notes_of(const Project& project, const Lane& lane,
                                             const ResolvedLane& resolved);

/// Words that follow each other and are of one line.
struct WordLine {
    int line = 0;
    std::size_t first = 0, until = 0; ///< its words among the spans, by time; there is at least one
    Seconds start, end;
    std::string text = {}; ///< with blanks between
    int letters = 0;       ///< as a reader sees them, with the blanks
    [[nodiscard]] double letters_a_second() const { return letters / std::max(1e-3, (end - start).value); }
};

/// By their starts. Words without a line are each one of their own.
[[nodiscard]] std::vector<WordLine> word_lines(const Lane& lane, const std::vector<TextSpan>& words);

/// The word of a pin with its lane; null where it is none.
struct SpokenWord {
    const Lane* lane = nullptr;
    const Pin* pin = nullptr;
};
[[nodiscard]] SpokenWord word_at_pin(const Project& project, PinId pin);

} // namespace pulsepin
