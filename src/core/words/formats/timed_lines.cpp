// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/formats/rows.h"
#include "words/lyric_text.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <fmt/core.h>

// LRC has no published standard; this is what is common practice: "[mm:ss.xx]" before a line, several of them
// where it is sung again, "<mm:ss.xx>" before a word, "[offset:+ms]" by which all comes earlier.
namespace pulsepin::lyric {
namespace {

/// Takes what stands in brackets off the front; none when nothing does.
std::optional<std::string_view> taken_mark(std::string_view& text, char open, char close) {
    if (text.empty() || text.front() != open)
        return std::nullopt;
    const auto end = text.find(close);
    if (end == std::string_view::npos)
        return std::nullopt;
    const auto inside = text.substr(1, end - 1);
    text.remove_prefix(end + 1);
    return inside;
}

bool is(std::span<const std::string> lines) {
    return std::any_of(lines.begin(), lines.end(), [](const std::string& line) {
        auto said = without_blanks(line);
        const auto mark = taken_mark(said, '[', ']');
        return mark && clock_time(*mark);
    });
}

/// "ar:Name", "offset:-120": a letter, then a colon.
bool is_tag(std::string_view mark) {
    return !mark.empty() && ((mark.front() >= 'a' && mark.front() <= 'z') || mark.front() == '#') &&
           mark.find(':') != std::string_view::npos;
}

std::optional<Seconds> told_offset(std::string_view mark) {
    constexpr std::string_view name = "offset:";
    if (!mark.starts_with(name))
        return std::nullopt;
    auto number = without_blanks(mark.substr(name.size()));
    if (number.starts_with('+'))
        number.remove_prefix(1);
    int milliseconds = 0;
    const auto [end, error] = std::from_chars(number.data(), number.data() + number.size(), milliseconds);
    if (error != std::errc() || end != number.data() + number.size())
        return std::nullopt;
    return Seconds(milliseconds / 1000.0);
}

void cut_stamped(LyricLine& line, std::string_view text) {
    WordCutter cutter(line);
    while (!text.empty()) {
        auto rest = text;
        if (const auto mark = taken_mark(rest, '<', '>'); mark && clock_time(*mark)) {
            cutter.stamp(*clock_time(*mark));
            text = rest;
            continue;
        }
        const auto next = text.find('<', 1);
        cutter.text(without_guards(text.substr(0, next)));
        text = next == std::string_view::npos ? std::string_view() : text.substr(next);
    }
    cutter.finish();
}

void shift(LyricLine& line, Seconds by) {
    const auto moved = [&](std::optional<Seconds>& time) {
        if (time)
            time = Seconds(std::max(0.0, (*time - by).value));
    };
    moved(line.start);
    moved(line.end);
    for (auto& word : line.words) {
        moved(word.start);
        moved(word.end);
    }
}

/// An empty line with a time is the end of what was sung before it.
void end_by_empty_lines(std::vector<LyricLine>& lines) {
    std::stable_sort(lines.begin(), lines.end(), [](const LyricLine& a, const LyricLine& b) {
        return a.start && b.start && *a.start < *b.start;
    });
    for (std::size_t i = 1; i < lines.size(); ++i)
        if (lines[i].words.empty() && lines[i].start && !lines[i - 1].words.empty() && lines[i - 1].start &&
            *lines[i - 1].start < *lines[i].start)
            lines[i - 1].end = lines[i].start;
}

Result<Lyric> read(std::span<const std::string> lines) {
    Lyric lyric;
    Seconds offset{0};
    std::vector<LyricLine> timed;
    for (std::size_t i = 0; i < lines.size(); ++i) {
        auto said = without_blanks(lines[i]);
        std::vector<Seconds> starts;
        bool tag = false;
        for (auto rest = said; const auto mark = taken_mark(rest, '[', ']'); rest = without_blanks(rest)) {
            const auto time = clock_time(*mark);
            if (!time && !is_tag(*mark))
                break;
            if (time)
                starts.push_back(*time);
            tag = tag || !time;
            offset = told_offset(*mark).value_or(offset);
            said = rest;
        }
        LyricLine line{.in_file = i + 1};
        cut_stamped(line, said);
        if (starts.empty() && !tag && !line.words.empty()) {
            if (said.front() == '[')
                lyric.remarks.push_back({i + 1, "It does not begin with a time; its words wait to be set."});
            // Beside what is sung before it.
            line.words.front().start.reset();
            timed.push_back(std::move(line));
            continue;
        }
        for (const Seconds start : starts) {
            LyricLine sung = line;
            sung.start = start;
            // What is sung again has its words' times from its own start on.
            if (start != starts.front())
                shift(sung, starts.front() - start), sung.start = start;
            timed.push_back(std::move(sung));
        }
    }
    const bool all_timed =
        std::all_of(timed.begin(), timed.end(), [](const LyricLine& line) { return line.start.has_value(); });
    if (all_timed)
        end_by_empty_lines(timed);
    for (auto& line : timed) {
        shift(line, offset);
        lyric.lines.push_back(std::move(line));
    }
    return lyric;
}

/// Minutes, seconds and hundredths.
std::string stamp(Seconds time, char open, char close) {
    const auto hundredths = std::llround(std::max(0.0, time.value) * 100);
    return fmt::format("{}{:02}:{:02}.{:02}{}", open, hundredths / 6000, hundredths / 100 % 60,
                       hundredths % 100, close);
}

/// Whether a time in brackets would begin there that was typed as a word.
bool opens_time(std::string_view text) {
    return text.size() > 1 && (text[0] == '<' || text[0] == '[') && text[1] >= '0' && text[1] <= '9';
}

std::string write(const Lyric& lyric) {
    std::string text;
    for (std::size_t i = 0; i < lyric.lines.size(); ++i) {
        const auto& line = lyric.lines[i];
        const auto start = start_of(line), end = end_of(line);
        if (!start)
            continue;
        text += stamp(*start, '[', ']');
        for (const auto& word : line.words) {
            text += &word == &line.words.front() ? "" : " ";
            text += (word.start ? stamp(*word.start, '<', '>') : std::string()) +
                    guarded_marks(word.text, opens_time);
        }
        if (!line.words.empty() && line.words.back().end)
            text += stamp(*line.words.back().end, '<', '>');
        text += "\n";
        const auto next = i + 1 < lyric.lines.size() ? start_of(lyric.lines[i + 1]) : std::nullopt;
        if (end && (!next || *end < *next))
            text += stamp(*end, '[', ']') + "\n";
    }
    return text;
}

} // namespace

LyricFormatRow timed_lines() {
    return {"lrc", "LRC", "lrc", is, read, write};
}

} // namespace pulsepin::lyric
