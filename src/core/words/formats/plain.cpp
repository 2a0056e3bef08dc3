// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/formats/rows.h"
#include "words/lyric_text.h"

namespace pulsepin::lyric {
namespace {

Result<Lyric> read(std::span<const std::string> lines) {
    Lyric lyric;
    for (std::size_t i = 0; i < lines.size(); ++i) {
        LyricLine line{.in_file = i + 1};
        WordCutter(line).text(lines[i]);
        lyric.lines.push_back(std::move(line));
    }
    return lyric;
}

std::string write(const Lyric& lyric) {
    std::string text;
    for (const auto& line : lyric.lines)
        text += line_text(line) + "\n";
    return text;
}

} // namespace

LyricFormatRow plain() {
    return {"plain", "Plain text", "txt", [](std::span<const std::string>) { return true; }, read, write};
}

} // namespace pulsepin::lyric
