// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <string>
#include <string_view>

namespace pulsepin {

/// How many letters were left out, put in, exchanged or swapped with their neighbours between two words
/// (Damerau 1964, each letter changed once at most). Small and capital letters are alike.
[[nodiscard]] std::size_t letters_between(std::string_view a, std::string_view b);

/// The word that was meant: the one that is nearest, where no more than a third of its letters differ. Empty
/// where none is near.
[[nodiscard]] std::string nearest_word(std::string_view written, std::span<const std::string> words);

/// " Did you mean \"place\"?"; empty where no word is near.
[[nodiscard]] std::string meant_word(std::string_view written, std::span<const std::string> words);

} // namespace pulsepin
