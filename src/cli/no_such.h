// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "base/nearest_word.h"

#include <algorithm>
#include <cctype>
#include <functional>
#include <string>
#include <vector>

namespace pulsepin {

/// "a, b, c".
[[nodiscard]] std::string ids_of(const auto& rows, auto id) {
    std::string ids;
    for (const auto& row : rows)
        ids += (ids.empty() ? "" : ", ") + std::string(std::invoke(id, row));
    return ids;
}

/// Fails for a word that names none of the rows: tells the one that was probably meant, and all that there
/// are.
[[nodiscard]] auto no_such(const std::string& what, const std::string& written, const auto& rows, auto id) {
    std::vector<std::string> words;
    for (const auto& row : rows)
        words.emplace_back(std::invoke(id, row));
    return fail("There is no " + what + " called \"" + written + "\"." + meant_word(written, words), {},
                "There are: " + ids_of(rows, id) + ".");
}

/// Formats and the like are named in small or capital letters.
[[nodiscard]] inline std::string in_small_letters(std::string text) {
    std::ranges::transform(text, text.begin(),
                           [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return text;
}

} // namespace pulsepin
