// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "words/lyric.h"

#include <string_view>

namespace pulsepin {

/// A file's text in lines, without their ends (CR, LF or both) and without a byte order mark. Fails, with the
/// line's number, where it is no UTF-8 (nor UTF-16) and so would be read wrongly.
[[nodiscard]] Result<std::vector<std::string>> lyric_lines(std::string_view bytes);

[[nodiscard]] std::string_view without_blanks(std::string_view text);

/// "1:02:03.456", "62:03.45", "62:03,456" or "62:03"; none when it is no such time.
[[nodiscard]] std::optional<Seconds> clock_time(std::string_view text);

/// The time as hours, minutes, seconds and milliseconds (rounded), as captions have it.
[[nodiscard]] std::string caption_time(Seconds time, char decimal_sign);

/// "00:01.000 --> 00:02.000 ..." of captions: what follows the second time is left alone. None when the line
/// is no such pair.
[[nodiscard]] std::optional<std::pair<Seconds, Seconds>> caption_times(std::string_view line);

/// Cuts a line into words at its blanks. A stamp says when the word that begins next begins; one within a
/// word is passed over; one with no word after it, or with another stamp after it, is the end of the word
/// before.
class WordCutter {
public:
    explicit WordCutter(LyricLine& line) : line_(line) {}
    void stamp(Seconds time);
    void text(std::string_view text);
    void finish();

private:
    void end_last_word();

    LyricLine& line_;
    std::optional<Seconds> pending_;
    bool in_word_ = false;
};

/// The words of a line, with a blank between them.
[[nodiscard]] std::string line_text(const LyricLine& line);

/// Words that would be read as marks ("<i>", "<00:01>") stay words: a word joiner (U+2060), which is not
/// seen, is put behind the bracket. Neither SubRip nor LRC knows another way.
[[nodiscard]] std::string guarded_marks(std::string_view text, bool (*opens_mark)(std::string_view));
[[nodiscard]] std::string without_guards(std::string_view text);

/// When a line begins and ends, by itself or by its words; none when neither says so.
[[nodiscard]] std::optional<Seconds> start_of(const LyricLine& line);
[[nodiscard]] std::optional<Seconds> end_of(const LyricLine& line);

/// The lines in the order of their times (those without stay behind the one before them). Times that cannot
/// be so are taken from their words, which are kept; each is told, and so are lines that overlap.
[[nodiscard]] Lyric in_order(Lyric lyric);

} // namespace pulsepin
