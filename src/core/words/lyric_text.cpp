// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/lyric_text.h"

#include "base/unicode.h"
#include "time/beat_grid.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin {
namespace {

/// How many bytes the code point at `at` has; 0 when they are no UTF-8 (RFC 3629, section 4).
std::size_t utf8_length(std::string_view text, std::size_t at) {
    const auto byte = [&](std::size_t i) -> unsigned {
        return at + i < text.size() ? static_cast<unsigned char>(text[at + i]) : 0u;
    };
    const unsigned first = byte(0);
    if (first < 0x80)
        return first == 0 ? 0 : 1;
    const std::size_t length = first >= 0xc2 && first < 0xe0   ? 2
                               : first >= 0xe0 && first < 0xf0 ? 3
                               : first >= 0xf0 && first < 0xf5 ? 4
                                                               : 0;
    for (std::size_t i = 1; i < length; ++i)
        if ((byte(i) & 0xc0u) != 0x80u)
            return 0;
    const unsigned second = byte(1);
    const bool too_long = (first == 0xe0 && second < 0xa0) || (first == 0xf0 && second < 0x90);
    const bool surrogate = first == 0xed && second >= 0xa0;
    const bool beyond = first == 0xf4 && second >= 0x90;
    return too_long || surrogate || beyond ? 0 : length;
}

bool is_utf8(std::string_view text) {
    for (std::size_t at = 0; at < text.size();) {
        const auto length = utf8_length(text, at);
        if (length == 0)
            return false;
        at += length;
    }
    return true;
}

/// The bytes of a blank at that place; 0 when there is none. A blank that joins (U+00A0) is part of a word.
std::size_t blank_at(std::string_view text, std::size_t at) {
    constexpr std::string_view ideographic = "\xe3\x80\x80";
    if (text.substr(at).starts_with(ideographic))
        return ideographic.size();
    return text[at] == ' ' || text[at] == '\t' || text[at] == '\n' || text[at] == '\r' ? 1 : 0;
}

std::optional<int> digits(std::string_view text, std::size_t most) {
    int value = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (text.empty() || text.size() > most || text.front() == '-' || error != std::errc() ||
        end != text.data() + text.size())
        return std::nullopt;
    return value;
}

/// Of a line: what is said of its times that cannot be, and those taken away.
void mend_times(LyricLine& line, std::vector<LyricRemark>& remarks) {
    if (line.start && line.end && *line.end <= *line.start) {
        remarks.push_back({line.in_file, "It would end before it begins; its end was left out."});
        line.end.reset();
    }
    if (line.start && !line.words.empty() && !line.words.front().start)
        line.words.front().start = line.start;
    std::optional<Seconds> before = line.start;
    for (auto& word : line.words) {
        if (word.start && ((before && *word.start < *before) || (line.end && *word.start >= *line.end))) {
            remarks.push_back(
                {line.in_file,
                 fmt::format("“{}” would lie outside its line or before the word before it; it waits to "
                             "be set.",
                             word.text)});
            word.start.reset();
            word.end.reset();
        }
        if (word.end && (!word.start || *word.end <= *word.start))
            word.end.reset();
        if (word.start)
            before = word.end ? word.end : word.start;
    }
}

} // namespace

Result<std::vector<std::string>> lyric_lines(std::string_view bytes) {
    const std::string text = as_utf8(bytes);
    std::vector<std::string> lines;
    for (std::string_view rest = text; !rest.empty();) {
        const auto end = rest.find_first_of("\r\n");
        lines.emplace_back(rest.substr(0, end));
        if (!is_utf8(lines.back()))
            return fail(
                fmt::format("Line {} is written in an encoding that is not known here.", lines.size()), {},
                "Save the text as UTF-8 and load it again.", ErrorKind::Damaged);
        if (end == std::string_view::npos)
            break;
        rest.remove_prefix(end + (rest.substr(end, 2) == "\r\n" ? 2 : 1));
    }
    return lines;
}

std::string_view without_blanks(std::string_view text) {
    const auto first = text.find_first_not_of(" \t");
    if (first == std::string_view::npos)
        return {};
    return text.substr(first, text.find_last_not_of(" \t") - first + 1);
}

std::optional<Seconds> clock_time(std::string_view text) {
    double fraction = 0;
    if (const auto mark = text.find_first_of(".,"); mark != std::string_view::npos) {
        const auto decimals = text.substr(mark + 1);
        const auto value = digits(decimals, 3);
        if (!value)
            return std::nullopt;
        fraction = *value / std::pow(10.0, static_cast<double>(decimals.size()));
        text = text.substr(0, mark);
    }
    std::vector<int> parts;
    while (true) {
        const auto colon = text.find(':');
        const auto value = digits(text.substr(0, colon), 4);
        if (!value)
            return std::nullopt;
        parts.push_back(*value);
        if (colon == std::string_view::npos)
            break;
        text.remove_prefix(colon + 1);
    }
    const bool with_hours = parts.size() == 3;
    if ((parts.size() != 2 && !with_hours) || parts.back() > 59 || (with_hours && parts[1] > 59))
        return std::nullopt;
    double seconds = 0;
    for (const int part : parts)
        seconds = seconds * 60 + part;
    const Seconds time(seconds + fraction);
    return time <= furthest_time ? std::optional(time) : std::nullopt;
}

std::string caption_time(Seconds time, char decimal_sign) {
    const auto milliseconds = std::llround(std::max(0.0, time.value) * 1000);
    return fmt::format("{:02}:{:02}:{:02}{}{:03}", milliseconds / 3'600'000, milliseconds / 60'000 % 60,
                       milliseconds / 1000 % 60, decimal_sign, milliseconds % 1000);
}

std::optional<std::pair<Seconds, Seconds>> caption_times(std::string_view line) {
    constexpr std::string_view arrow = "-->";
    const auto at = line.find(arrow);
    if (at == std::string_view::npos)
        return std::nullopt;
    auto second = without_blanks(line.substr(at + arrow.size()));
    second = second.substr(0, second.find_first_of(" \t"));
    const auto from = clock_time(without_blanks(line.substr(0, at))), to = clock_time(second);
    return from && to ? std::optional(std::pair(*from, *to)) : std::nullopt;
}

void WordCutter::end_last_word() {
    if (pending_ && !line_.words.empty() && !line_.words.back().end)
        line_.words.back().end = pending_;
}

void WordCutter::stamp(Seconds time) {
    end_last_word();
    pending_ = time;
}

void WordCutter::text(std::string_view text) {
    for (std::size_t at = 0; at < text.size();) {
        if (const auto blank = blank_at(text, at)) {
            in_word_ = false;
            at += blank;
            continue;
        }
        if (!in_word_)
            line_.words.push_back({.start = pending_});
        pending_.reset();
        in_word_ = true;
        line_.words.back().text += text[at++];
    }
}

void WordCutter::finish() {
    end_last_word();
    pending_.reset();
    in_word_ = false;
}

std::string line_text(const LyricLine& line) {
    std::string text;
    for (const auto& word : line.words)
        text += (text.empty() ? "" : " ") + word.text;
    return text;
}

namespace {
constexpr std::string_view guard = "\u2060";
}

std::string guarded_marks(std::string_view text, bool (*opens_mark)(std::string_view)) {
    std::string out;
    for (std::size_t at = 0; at < text.size(); ++at) {
        out += text[at];
        if (opens_mark(text.substr(at)))
            out += guard;
    }
    return out;
}

std::string without_guards(std::string_view text) {
    std::string out;
    for (std::size_t at = 0; at < text.size(); ++at) {
        out += text[at];
        if (std::string_view("<[{").find(text[at]) != std::string_view::npos &&
            text.substr(at + 1).starts_with(guard))
            at += guard.size();
    }
    return out;
}

std::optional<Seconds> start_of(const LyricLine& line) {
    return line.start || line.words.empty() ? line.start : line.words.front().start;
}

std::optional<Seconds> end_of(const LyricLine& line) {
    return line.end || line.words.empty() ? line.end : line.words.back().end;
}

Lyric in_order(Lyric lyric) {
    for (auto& line : lyric.lines)
        mend_times(line, lyric.remarks);
    // A line without times goes with the one before it.
    std::vector<std::pair<Seconds, LyricLine>> placed;
    Seconds last{0};
    for (auto& line : lyric.lines) {
        if (const auto start = start_of(line))
            last = *start;
        placed.emplace_back(last, std::move(line));
    }
    std::stable_sort(placed.begin(), placed.end(),
                     [](const auto& a, const auto& b) { return a.first < b.first; });
    lyric.lines.clear();
    const LyricLine* longest = nullptr; // of those so far, the one that ends last
    for (auto& [time, line] : placed)
        lyric.lines.push_back(std::move(line));
    for (const auto& line : lyric.lines) {
        const auto start = start_of(line), end = end_of(line);
        if (start && longest && *start < *end_of(*longest))
            lyric.remarks.push_back(
                {line.in_file, fmt::format("It begins before line {} of the file is over; both are kept.",
                                           longest->in_file)});
        if (end && (!longest || *end > *end_of(*longest)))
            longest = &line;
    }
    std::stable_sort(lyric.remarks.begin(), lyric.remarks.end(),
                     [](const auto& a, const auto& b) { return a.line < b.line; });
    return lyric;
}

} // namespace pulsepin
