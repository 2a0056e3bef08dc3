// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "words/lyric.h"

#include <filesystem>
#include <span>
#include <string_view>

namespace pulsepin {

/// A row per format that the words of a text come in, and go out in.
struct LyricFormatRow {
    std::string_view id;
    std::string_view label;      ///< "WebVTT"
    std::string_view extensions; ///< without dots, by blanks
    /// Whether a text is of this format, by what stands in it.
    bool (*is)(std::span<const std::string> lines);
    Result<Lyric> (*read)(std::span<const std::string> lines);
    std::string (*write)(const Lyric& lyric);
};

/// In the order in which they are asked whether a text is theirs; plain text, the last, takes any.
[[nodiscard]] std::span<const LyricFormatRow> lyric_formats();

/// The words of a text, whatever format it is in: what stands in it decides, not its name. Fails for an
/// encoding that is not known (with the line), and for a text without a word.
[[nodiscard]] Result<Lyric> read_lyric(std::string_view bytes);

/// The same of a file. Fails with the file's name.
[[nodiscard]] Result<Lyric> load_lyric(const std::filesystem::path& path);

} // namespace pulsepin
