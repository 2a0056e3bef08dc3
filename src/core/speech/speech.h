// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <string>
#include <string_view>
#include <vector>

namespace pulsepin {

/// A sound of speech within a word.
struct SpokenSound {
    std::string ipa;    ///< without stress marks
    bool vowel = false; ///< the middle of a syllable
    double from = 0;    ///< share of the word's length at which it begins, 0 to 1
    double until = 1;
    friend bool operator==(const SpokenSound&, const SpokenSound&) = default;
};

/// How a word sounds, by the rules of espeak-ng for that language ("en-gb", "de"). Fails where the library or
/// the language is not there. A word that is not spoken (a sign) has no sounds. One caller at a time works,
/// others wait.
[[nodiscard]] Result<std::vector<SpokenSound>> sounds_of_word(const std::string& word,
                                                              const std::string& language);

/// At least 1. Where no language can tell, groups of vowels are counted as they are written.
[[nodiscard]] int syllables_of(const std::string& word, const std::string& language);

struct SpokenLanguage {
    std::string id;   ///< "en-gb"
    std::string name; ///< "English (Great Britain)"
};
/// By their names; empty where the library is not there.
[[nodiscard]] std::vector<SpokenLanguage> spoken_languages();

} // namespace pulsepin
