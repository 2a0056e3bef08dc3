// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/file_ending.h"

#include <algorithm>
#include <array>
#include <span>
#include <string_view>

namespace pulsepin {

/// What the names of films and pictures usually end in: what dialogs show, and what is taken of a folder.
/// What is in a file is told by its bytes and not by its name.
[[nodiscard]] inline std::span<const std::string_view> film_endings() {
    static constexpr std::array<std::string_view, 21> endings{
        ".mp4", ".mov", ".m4v", ".webm", ".mkv", ".avi", ".mpg", ".mpeg", ".ts",  ".mts", ".m2ts",
        ".vob", ".mxf", ".ogv", ".wmv",  ".flv", ".3gp", ".3g2", ".dv",   ".y4m", ".gif"};
    return endings;
}
[[nodiscard]] inline std::span<const std::string_view> picture_endings() {
    static constexpr std::array<std::string_view, 12> endings{
        ".png", ".jpg", ".jpeg", ".webp", ".tif", ".tiff", ".bmp", ".tga", ".pcx", ".sgi", ".ppm", ".pgm"};
    return endings;
}

[[nodiscard]] inline std::span<const std::string_view> sound_endings() {
    static constexpr std::array<std::string_view, 13> endings{".wav",  ".flac", ".mp3", ".m4a",  ".m4b",
                                                              ".aac",  ".ogg",  ".oga", ".opus", ".aif",
                                                              ".aiff", ".mka",  ".wma"};
    return endings;
}

[[nodiscard]] inline bool ends_as(const std::filesystem::path& path,
                                  std::span<const std::string_view> endings) {
    return std::find(endings.begin(), endings.end(), file_ending(path)) != endings.end();
}

} // namespace pulsepin
