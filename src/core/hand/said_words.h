// SPDX-License-Identifier: GPL-3.0-or-later
//
// Words, numbers and lengths of a line that is typed; what said.cpp reads it with.
#pragma once

#include "params/length.h"

#include <cstdint>
#include <initializer_list>
#include <optional>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

namespace pulsepin::said_words {

[[nodiscard]] std::string lower(std::string_view text);
enum class Ends { Trimmed, Kept };
/// Small letters, one blank between words, arrows as "->", dashes as "-".
[[nodiscard]] std::string tidy(std::string_view text, Ends ends = Ends::Trimmed);
[[nodiscard]] std::string joined(const std::vector<std::string>& names);
/// What follows the last place where one of them stands; the text keeps what is before. None where none does.
[[nodiscard]] std::optional<std::string> cut_off(std::string& text,
                                                 std::initializer_list<std::string_view> marks);
/// "kick or snare and hat", "kick, snare": each.
[[nodiscard]] std::vector<std::string> listed(const std::string& text);
/// One of it or several: "kicks" is called "kick", "starts of section" "starts of sections".
[[nodiscard]] bool is_called(std::string_view said, std::string_view name);
/// How many words of a name are not said, where all that are said begin words of it; none where one does not.
[[nodiscard]] std::optional<std::size_t> words_left_over(const std::string& name, const std::string& said);
/// "9-24", "9 to 24", "9": the first and the last.
[[nodiscard]] std::optional<std::pair<double, double>> two_numbers(const std::string& text);

/// Takes what it is asked for from the front, or nothing.
class Words {
public:
    explicit Words(const std::string& tidied);
    [[nodiscard]] bool at_end() const { return at_ == words_.size(); }
    [[nodiscard]] bool at_number() const;
    [[nodiscard]] bool next_is(std::string_view word) const { return !at_end() && words_[at_] == word; }
    [[nodiscard]] std::string rest() const;
    bool take(std::string_view word);
    /// All words of a phrase, one after the other, or none of them.
    bool take_all(std::string_view phrase);
    std::string take_word();
    /// With a unit behind it, which is left out: "60 %", "60%", "4 px".
    std::optional<double> take_number();
    std::optional<std::int64_t> take_ordinal(); ///< "2nd", "3rd"; "2"
    std::optional<Length> take_length();        ///< "2 frames", "120 ms", "0.5 s", "1 beat"

private:
    std::vector<std::string> words_;
    std::size_t at_ = 0;
};

} // namespace pulsepin::said_words
