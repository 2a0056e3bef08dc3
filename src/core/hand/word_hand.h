// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/schedule.h"
#include "words/lay_words.h"
#include "words/lyric.h"

#include <set>
#include <span>

namespace pulsepin {

// Words of a text: they wait in the tray of their lane until they are set.

/// A lane of words at the top of the others, spoken in that language, where there is none yet; the first one
/// otherwise.
struct LaneOfWords {
    Project project;
    LaneId lane;
};
[[nodiscard]] LaneOfWords with_lane_of_words(const Project& project, const std::string& language = "en-gb");

struct LyricTaken {
    Project project;
    std::size_t set = 0;     ///< words whose times the text told
    std::size_t spread = 0;  ///< words that were spread over the time of their line
    std::size_t waiting = 0; ///< in the tray
};
/// A text behind those that the lane has. Words with times are set there, tied to the grid; those of lines
/// with times are spread over their line by their letters; the others wait. Fails where the lane is gone or
/// locked.
[[nodiscard]] Result<LyricTaken> with_lyric(const Project& project, LaneId lane, const Lyric& lyric);

struct WordSet {
    Project project;
    PinId word;
    Seconds at;
};
/// The word of that place in the tray is set at a moment of the song. The last word of a line lasts as long
/// as those of its line do on average, at least as long as the one before it.
[[nodiscard]] Result<WordSet> with_word_set(const Project& project, LaneId lane, std::size_t in_tray,
                                            Seconds at);
/// The word that was set last, by the order of the text, waits again. Fails where none is set.
[[nodiscard]] Result<WordSet> with_word_taken_back(const Project& project, LaneId lane);
/// These words wait again, in the order of their text; those added by hand as the last.
[[nodiscard]] Result<Project> with_words_waiting(const Project& project, LaneId lane,
                                                 std::span<const PinId> words);
/// The tray is empty.
[[nodiscard]] Result<Project> without_waiting_words(const Project& project, LaneId lane);

// Lines.

/// From these words on a new line begins: each with what follows it of its line, set or not.
[[nodiscard]] Result<Project> with_line_begun(const Project& project, LaneId lane,
                                              std::span<const PinId> words);
/// These words are one line.
[[nodiscard]] Result<Project> with_one_line(const Project& project, LaneId lane,
                                            std::span<const PinId> words);
/// The words that are set are parted into lines wherever so long passes from one's start to the next beyond
/// what is usual between them: where a pause is.
[[nodiscard]] Result<Project> with_lines_by_pauses(const Schedule& schedule, LaneId lane, Seconds pause);

// Proposing.

/// A stretch of words that wait between two that are set.
struct WordGap {
    std::size_t first_in_tray = 0, count = 0;
    Seconds from, until;
    std::vector<std::string> words; ///< from the set one before them to the last that waits
};
/// Of the lane; where the words before or behind are not set there is none. With a selection only those that
/// lie between selected words, or follow one.
[[nodiscard]] std::vector<WordGap> word_gaps(const Schedule& schedule, LaneId lane);

struct ProposedWord {
    std::size_t in_tray = 0;
    Seconds at;
    friend bool operator==(const ProposedWord&, const ProposedWord&) = default;
};
/// The proposed words are set. They are given by their places in the tray, rising.
[[nodiscard]] Result<Project> with_proposed(const Project& project, LaneId lane,
                                            std::span<const ProposedWord> proposed);

} // namespace pulsepin
