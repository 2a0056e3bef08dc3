// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/formats/rows.h"
#include "words/lyric_text.h"

#include <algorithm>
#include <array>
#include <fmt/core.h>

// WebVTT: The Web Video Text Tracks Format (W3C), sections 4 (syntax) and 6 (parsing).
namespace pulsepin::lyric {
namespace {

constexpr std::string_view magic = "WEBVTT";

bool is(std::span<const std::string> lines) {
    return !lines.empty() && lines.front().starts_with(magic) &&
           (lines.front().size() == magic.size() || lines.front()[magic.size()] == ' ' ||
            lines.front()[magic.size()] == '\t');
}

/// What stands for marks that text may not hold; marks that tell the direction are kept as they are.
constexpr std::array<std::pair<std::string_view, std::string_view>, 6> escapes{{{"&amp;", "&"},
                                                                                {"&lt;", "<"},
                                                                                {"&gt;", ">"},
                                                                                {"&lrm;", "\u200e"},
                                                                                {"&rlm;", "\u200f"},
                                                                                {"&nbsp;", "\u00a0"}}};

std::string unescaped(std::string_view text) {
    std::string out;
    for (std::size_t at = 0; at < text.size();) {
        std::size_t taken = 1;
        std::string_view put = text.substr(at, 1);
        for (const auto& [name, mark] : escapes)
            if (text.substr(at).starts_with(name)) {
                taken = name.size();
                put = mark;
                break;
            }
        out += put;
        at += taken;
    }
    return out;
}

std::string escaped(std::string_view text) {
    std::string out;
    for (const char c : text)
        out += c == '&' ? "&amp;" : c == '<' ? "&lt;" : c == '>' ? "&gt;" : std::string(1, c);
    return out;
}

/// The name in "v Ann", "v.loud Ann".
std::optional<std::string_view> named_voice(std::string_view tag) {
    if (!tag.starts_with('v') || (tag.size() > 1 && tag[1] != ' ' && tag[1] != '\t' && tag[1] != '.'))
        return std::nullopt;
    const auto blank = tag.find_first_of(" \t");
    return blank == std::string_view::npos ? std::string_view() : without_blanks(tag.substr(blank));
}

void cut_cue(LyricLine& line, std::string_view text) {
    WordCutter cutter(line);
    while (!text.empty()) {
        if (text.front() == '<') {
            const auto end = text.find('>');
            const auto tag = text.substr(1, end == std::string_view::npos ? end : end - 1);
            if (const auto time = clock_time(tag))
                cutter.stamp(*time);
            else if (const auto voice = named_voice(tag); voice && line.speaker.empty())
                line.speaker = unescaped(*voice);
            text = end == std::string_view::npos ? std::string_view() : text.substr(end + 1);
            continue;
        }
        const auto next = text.find('<');
        cutter.text(unescaped(text.substr(0, next)));
        text = next == std::string_view::npos ? std::string_view() : text.substr(next);
    }
    cutter.finish();
}

/// A block that is no cue: a comment, a style, a region.
bool is_other_block(std::string_view line) {
    for (const std::string_view name : {"NOTE", "STYLE", "REGION"})
        if (line.starts_with(name) &&
            (line.size() == name.size() || line[name.size()] == ' ' || line[name.size()] == '\t'))
            return true;
    return false;
}

bool has_arrow(std::string_view line) {
    return line.find("-->") != std::string_view::npos;
}

Result<Lyric> read(std::span<const std::string> lines) {
    Lyric lyric;
    const auto blank = [&](std::size_t i) { return i >= lines.size() || lines[i].empty(); };
    std::size_t i = 1;
    while (!blank(i)) // the rest of the header
        ++i;
    while (i < lines.size()) {
        if (blank(i)) {
            ++i;
            continue;
        }
        const std::size_t first = i;
        while (!blank(i))
            ++i;
        if (is_other_block(lines[first]))
            continue;
        // Times stand in the block's first line, or in its second under the cue's name.
        std::size_t words_from = first;
        LyricLine line{.in_file = first + 1};
        for (std::size_t k = first; k < std::min(first + 2, i) && words_from == first; ++k) {
            if (!has_arrow(lines[k]))
                continue;
            words_from = k + 1;
            line.in_file = k + 1;
            if (const auto times = caption_times(lines[k])) {
                line.start = times->first;
                line.end = times->second;
            }
        }
        if (!line.start)
            lyric.remarks.push_back({line.in_file, words_from > first
                                                       ? "Its times cannot be read; its words wait to be set."
                                                       : "It has no times; its words wait to be set."});
        std::string text;
        for (std::size_t k = words_from; k < i; ++k)
            text += (text.empty() ? "" : "\n") + lines[k];
        cut_cue(line, text);
        lyric.lines.push_back(std::move(line));
    }
    return lyric;
}

std::string write(const Lyric& lyric) {
    std::string text = "WEBVTT\n";
    for (const auto& line : lyric.lines) {
        const auto start = start_of(line), end = end_of(line);
        if (!start || !end)
            continue;
        text += fmt::format("\n{} --> {}\n", caption_time(*start, '.'), caption_time(*end, '.'));
        if (!line.speaker.empty())
            text += "<v " + escaped(line.speaker) + ">";
        for (const auto& word : line.words) {
            // A stamp lies within its cue, after the one before it.
            const bool stamped = word.start && *word.start > *start && *word.start < *end;
            text += &word == &line.words.front() ? "" : " ";
            text +=
                (stamped ? "<" + caption_time(*word.start, '.') + ">" : std::string()) + escaped(word.text);
        }
        text += "\n";
    }
    return text;
}

} // namespace

LyricFormatRow web_vtt() {
    return {"webvtt", "WebVTT", "vtt", is, read, write};
}

} // namespace pulsepin::lyric
