// SPDX-License-Identifier: GPL-3.0-or-later
//
// Subtitles of Advanced SubStation Alpha, script version 4.00+ (the format's own description; from memory):
// the lines "Dialogue:" of the section "[Events]", by the columns that its line "Format:" names. Marks "\k",
// "\K", "\kf" and "\ko" say how many hundredths of a second a syllable is sung.
#include "words/formats/rows.h"
#include "words/lyric_text.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin::lyric {
namespace {

bool is(std::span<const std::string> lines) {
    return std::ranges::any_of(lines.first(std::min<std::size_t>(lines.size(), 200)), [](const auto& line) {
        const auto said = without_blanks(line);
        return said == "[Script Info]" || said == "[Events]" || said == "[V4+ Styles]";
    });
}

/// Columns by commas; what stands behind the last comma but so many is the text, commas included.
std::vector<std::string_view> cells_of(std::string_view text, std::size_t most) {
    std::vector<std::string_view> cells;
    while (cells.size() + 1 < most && text.find(',') != std::string_view::npos) {
        cells.push_back(without_blanks(text.substr(0, text.find(','))));
        text.remove_prefix(text.find(',') + 1);
    }
    cells.push_back(text);
    return cells;
}

struct Columns {
    std::size_t count = 10, start = 1, end = 2, speaker = 4, text = 9; ///< as they are usually
};

Columns columns_of(std::string_view format) {
    Columns columns;
    const auto names = cells_of(format, 64);
    columns.count = names.size();
    for (std::size_t i = 0; i < names.size(); ++i) {
        const auto name = without_blanks(names[i]);
        if (name == "Start")
            columns.start = i;
        else if (name == "End")
            columns.end = i;
        else if (name == "Name" || name == "Actor")
            columns.speaker = i;
        else if (name == "Text")
            columns.text = i;
    }
    return columns;
}

/// Hundredths of a second that a block of marks gives to what is sung next; none where it says nothing of it.
std::optional<double> sung_for(std::string_view block) {
    for (std::size_t at = block.find('\\'); at != std::string_view::npos; at = block.find('\\', at + 1)) {
        auto mark = block.substr(at + 1);
        if (mark.empty() || (mark.front() != 'k' && mark.front() != 'K'))
            continue;
        mark.remove_prefix(1);
        if (mark.starts_with('f') || mark.starts_with('o'))
            mark.remove_prefix(1);
        double hundredths = 0;
        const auto [past, wrong] = std::from_chars(mark.data(), mark.data() + mark.size(), hundredths);
        if (wrong == std::errc{} && std::isfinite(hundredths) && hundredths >= 0 && hundredths < 1e7)
            return hundredths;
    }
    return std::nullopt;
}

void cut(LyricLine& line, std::string_view text) {
    WordCutter cutter(line);
    Seconds at = line.start.value_or(Seconds(0));
    bool sung = false;
    while (!text.empty()) {
        if (text.front() == '{' && text.find('}') != std::string_view::npos) {
            if (const auto lasts = sung_for(text.substr(0, text.find('}')))) {
                cutter.stamp(at);
                at = at + Seconds(*lasts / 100);
                sung = true;
            }
            text.remove_prefix(text.find('}') + 1);
            continue;
        }
        const auto next = std::min(text.find('{', 1), text.size());
        std::string said(text.substr(0, next));
        for (const std::string_view mark : {"\\N", "\\n", "\\h"})
            for (auto found = said.find(mark); found != std::string::npos; found = said.find(mark, found))
                said.replace(found, 2, " ");
        cutter.text(said);
        text.remove_prefix(next);
    }
    if (sung)
        cutter.stamp(at);
    cutter.finish();
}

Result<Lyric> read(std::span<const std::string> lines) {
    Lyric lyric;
    Columns columns;
    bool events = false;
    for (std::size_t i = 0; i < lines.size(); ++i) {
        const auto said = without_blanks(lines[i]);
        if (said.starts_with('['))
            events = said == "[Events]";
        else if (events && said.starts_with("Format:"))
            columns = columns_of(said.substr(7));
        else if (events && said.starts_with("Dialogue:")) {
            const auto cells = cells_of(said.substr(9), columns.count);
            const auto cell = [&](std::size_t column) {
                return column < cells.size() ? cells[column] : std::string_view();
            };
            const auto start = clock_time(cell(columns.start)), end = clock_time(cell(columns.end));
            if (!start || !end) {
                lyric.remarks.push_back({i + 1, "It has no pair of times; its words wait to be set."});
                lyric.lines.push_back({.in_file = i + 1});
            } else
                lyric.lines.push_back({.start = start, .end = end, .in_file = i + 1});
            lyric.lines.back().speaker = std::string(cell(columns.speaker));
            cut(lyric.lines.back(), cell(columns.text));
        }
    }
    return lyric;
}

std::string ass_time(Seconds time) {
    const auto hundredths = std::llround(std::max(time.value, 0.0) * 100);
    return fmt::format("{}:{:02}:{:02}.{:02}", hundredths / 360000, hundredths / 6000 % 60,
                       hundredths / 100 % 60, hundredths % 100);
}

/// Brackets would open marks, and there is no way to write them (common practice: others that look alike).
std::string plain_of(std::string text) {
    for (const auto& [mark, instead] : {std::pair("{", "❴"), std::pair("}", "❵"), std::pair("\\", "⧵")})
        for (auto found = text.find(mark); found != std::string::npos; found = text.find(mark, found + 3))
            text.replace(found, 1, instead);
    return text;
}

std::string write(const Lyric& lyric) {
    std::string text = "[Script Info]\nScriptType: v4.00+\n\n[V4+ Styles]\nFormat: Name, Fontname, Fontsize\n"
                       "Style: Default,Inter,48\n\n[Events]\n"
                       "Format: Layer, Start, End, Style, Name, MarginL, MarginR, MarginV, Effect, Text\n";
    for (const auto& line : lyric.lines) {
        const auto start = start_of(line), end = end_of(line);
        if (!start || !end)
            continue;
        std::string said;
        Seconds at = *start;
        const auto wait = [&](Seconds until) {
            const auto hundredths = std::llround(until.value * 100) - std::llround(at.value * 100);
            at = until;
            return fmt::format("{{\\k{}}}", std::max(0ll, hundredths));
        };
        const bool timed =
            std::ranges::all_of(line.words, [](const auto& word) { return word.start.has_value(); });
        for (std::size_t i = 0; i < line.words.size(); ++i) {
            const auto& word = line.words[i];
            if (timed && *word.start > at)
                said += wait(*word.start);
            if (timed)
                said += wait(i + 1 < line.words.size() ? *line.words[i + 1].start : word.end.value_or(*end));
            said += (i > 0 ? " " : "") + plain_of(word.text);
        }
        std::string speaker = plain_of(line.speaker);
        std::ranges::replace(speaker, ',', ';');
        text += fmt::format("Dialogue: 0,{},{},Default,{},0,0,0,,{}\n", ass_time(*start), ass_time(*end),
                            speaker, said);
    }
    return text;
}

} // namespace

LyricFormatRow ass() {
    return {"ass", "Advanced SubStation Alpha", "ass ssa", is, read, write};
}

} // namespace pulsepin::lyric
