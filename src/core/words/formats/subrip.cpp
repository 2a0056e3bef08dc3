// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/formats/rows.h"
#include "words/lyric_text.h"

#include <cctype>
#include <fmt/core.h>

namespace pulsepin::lyric {
namespace {

constexpr std::string_view arrow = "-->";

bool is(std::span<const std::string> lines) {
    // The times of the first cue stand in the first line that says something, or in that after its number.
    std::size_t said = 0;
    for (const auto& line : lines) {
        if (without_blanks(line).empty())
            continue;
        if (caption_times(line))
            return true;
        if (++said == 2)
            return false;
    }
    return false;
}

bool is_number(std::string_view text) {
    return !text.empty() && text.find_first_not_of("0123456789") == std::string_view::npos;
}

/// Whether a mark that tells how it looks would begin there: one of the tags that players of SubRip know
/// (common practice), or {\an8}. Another "<" is text.
bool opens_mark(std::string_view text) {
    if (text.starts_with("{\\"))
        return true;
    if (!text.starts_with('<'))
        return false;
    text.remove_prefix(text.starts_with("</") ? 2 : 1);
    std::string name;
    while (name.size() < text.size() && std::isalpha(static_cast<unsigned char>(text[name.size()])))
        name += static_cast<char>(std::tolower(static_cast<unsigned char>(text[name.size()])));
    const auto after = name.size() < text.size() ? text[name.size()] : ' ';
    return (after == '>' || after == ' ') &&
           (name == "b" || name == "i" || name == "u" || name == "s" || name == "font");
}

/// Without what tells how it looks: <i>, </font> and {\an8}. A "<" that opens no such mark is text.
std::string without_marks(std::string_view text) {
    std::string out;
    for (std::size_t at = 0; at < text.size();) {
        const auto end = !opens_mark(text.substr(at)) ? std::string_view::npos
                                                      : text.find(text[at] == '<' ? '>' : '}', at);
        if (end != std::string_view::npos)
            at = end + 1;
        else
            out += text[at++];
    }
    return out;
}

Result<Lyric> read(std::span<const std::string> lines) {
    Lyric lyric;
    for (std::size_t i = 0; i < lines.size(); ++i) {
        const auto said = without_blanks(lines[i]);
        if (said.empty())
            continue;
        const auto times = caption_times(said);
        if (times) {
            lyric.lines.push_back({.start = times->first, .end = times->second, .in_file = i + 1});
            continue;
        }
        if (is_number(said) && i + 1 < lines.size() && lines[i + 1].find(arrow) != std::string::npos)
            continue;
        if (said.find(arrow) != std::string_view::npos) {
            lyric.remarks.push_back(
                {i + 1, fmt::format("“{}” is no pair of times; the words below it wait to be set.", said)});
            lyric.lines.push_back({.in_file = i + 1});
            continue;
        }
        if (lyric.lines.empty())
            lyric.lines.push_back({.in_file = i + 1});
        WordCutter(lyric.lines.back()).text(without_guards(without_marks(said)));
    }
    return lyric;
}

std::string write(const Lyric& lyric) {
    std::string text;
    int number = 0;
    for (const auto& line : lyric.lines)
        if (const auto start = start_of(line), end = end_of(line); start && end)
            text += fmt::format("{}\n{} --> {}\n{}\n\n", ++number, caption_time(*start, ','),
                                caption_time(*end, ','), guarded_marks(line_text(line), opens_mark));
    return text;
}

} // namespace

LyricFormatRow subrip() {
    return {"subrip", "SubRip", "srt", is, read, write};
}

} // namespace pulsepin::lyric
