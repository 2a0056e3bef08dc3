// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/nearest_word.h"

#include <algorithm>
#include <vector>

namespace pulsepin {
namespace {

constexpr std::size_t longest = 100; ///< what is longer is no word

char lower(char c) {
    return c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c;
}

} // namespace

std::size_t letters_between(std::string_view a, std::string_view b) {
    a = a.substr(0, longest);
    b = b.substr(0, longest);
    // Rows of the table of distances of all beginnings: this one and the two before it.
    std::vector<std::size_t> before(b.size() + 1), last(b.size() + 1), row(b.size() + 1);
    for (std::size_t j = 0; j <= b.size(); ++j)
        last[j] = j;
    for (std::size_t i = 1; i <= a.size(); ++i) {
        row[0] = i;
        for (std::size_t j = 1; j <= b.size(); ++j) {
            const bool same = lower(a[i - 1]) == lower(b[j - 1]);
            row[j] = std::min({last[j] + 1, row[j - 1] + 1, last[j - 1] + (same ? 0 : 1)});
            if (i > 1 && j > 1 && lower(a[i - 1]) == lower(b[j - 2]) && lower(a[i - 2]) == lower(b[j - 1]))
                row[j] = std::min(row[j], before[j - 2] + 1);
        }
        std::swap(before, last);
        std::swap(last, row);
    }
    return last[b.size()];
}

std::string nearest_word(std::string_view written, std::span<const std::string> words) {
    const std::string* nearest = nullptr;
    std::size_t least = 0;
    for (const auto& word : words) {
        const std::size_t between = letters_between(written, word);
        if (between * 3 > std::max<std::size_t>(3, std::max(word.size(), written.size())))
            continue;
        if (!nearest || between < least) {
            nearest = &word;
            least = between;
        }
    }
    return nearest ? *nearest : std::string();
}

std::string meant_word(std::string_view written, std::span<const std::string> words) {
    const std::string word = nearest_word(written, words);
    return word.empty() ? std::string() : " Did you mean \"" + word + "\"?";
}

} // namespace pulsepin
