// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <cctype>
#include <filesystem>
#include <string>

namespace pulsepin {

/// A file's ending with its dot, in small letters: ".jpg" of "Kite.JPG"; empty where it has none.
[[nodiscard]] inline std::string file_ending(const std::filesystem::path& path) {
    std::string ending = path.extension().string();
    std::transform(ending.begin(), ending.end(), ending.begin(),
                   [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return ending;
}

} // namespace pulsepin
