// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/said_words.h"

#include <algorithm>
#include <charconv>
#include <cmath>

namespace pulsepin::said_words {
namespace {

std::vector<std::string> split(std::string_view text) {
    std::vector<std::string> words;
    while (!text.empty()) {
        const auto end = std::min(text.find(' '), text.size());
        if (end > 0)
            words.emplace_back(text.substr(0, end));
        text.remove_prefix(std::min(end + 1, text.size()));
    }
    return words;
}

void replace_all(std::string& text, std::string_view what, std::string_view by) {
    for (auto at = text.find(what); at != std::string::npos; at = text.find(what, at + by.size()))
        text.replace(at, what.size(), by);
}

/// A number at the front, and what follows it.
std::optional<std::pair<double, std::string_view>> number_in(std::string_view word) {
    double value = 0;
    const bool plus = word.starts_with('+');
    if (plus)
        word.remove_prefix(1);
    const auto [end, wrong] = std::from_chars(word.data(), word.data() + word.size(), value);
    if (wrong != std::errc() || !std::isfinite(value))
        return std::nullopt;
    return std::pair(value, word.substr(static_cast<std::size_t>(end - word.data())));
}

bool is_unit(std::string_view word) {
    return word == "%" || word == "px" || word == "°" || word == "db" || word == "a";
}

std::string_view without_s(std::string_view word) {
    if (word.size() > 2 && word.ends_with('s'))
        word.remove_suffix(1);
    return word;
}

} // namespace

std::string lower(std::string_view text) {
    std::string small(text);
    for (char& letter : small)
        if (letter >= 'A' && letter <= 'Z')
            letter = static_cast<char>(letter - 'A' + 'a');
    return small;
}

std::string tidy(std::string_view text, Ends ends) {
    std::string tidied = lower(text);
    for (const auto& [from, to] : {std::pair<std::string_view, std::string_view>{"→", " -> "},
                                   {"->", " -> "},
                                   {"–", "-"},
                                   {"—", "-"},
                                   {"−", "-"},
                                   {"·", " "},
                                   {"\t", " "}})
        replace_all(tidied, from, to);
    const bool ended = tidied.ends_with(' ');
    std::string one;
    for (const auto& word : split(tidied))
        one += (one.empty() ? "" : " ") + word;
    return ends == Ends::Kept && ended && !one.empty() ? one + " " : one;
}

std::string joined(const std::vector<std::string>& names) {
    std::string all;
    for (const auto& name : names)
        all += (all.empty() ? "" : ", ") + name;
    return all;
}

std::optional<std::string> cut_off(std::string& text, std::initializer_list<std::string_view> marks) {
    for (const auto mark : marks)
        if (const auto at = text.rfind(mark); at != std::string::npos) {
            std::string after = text.substr(at + mark.size());
            text.resize(at);
            return after;
        }
    return std::nullopt;
}

std::vector<std::string> listed(const std::string& text) {
    std::string even = text;
    for (const std::string_view between : {" or ", " and ", " + ", ", "})
        replace_all(even, between, "\n");
    std::vector<std::string> all;
    std::string_view rest = even;
    while (!rest.empty()) {
        const auto end = std::min(rest.find('\n'), rest.size());
        all.emplace_back(rest.substr(0, end));
        rest.remove_prefix(std::min(end + 1, rest.size()));
    }
    return all;
}

bool is_called(std::string_view said, std::string_view name) {
    const auto asked = split(said), known = split(lower(name));
    return asked.size() == known.size() && std::equal(asked.begin(), asked.end(), known.begin(),
                                                      [](const std::string& a, const std::string& b) {
                                                          return without_s(a) == without_s(b);
                                                      });
}

std::optional<std::size_t> words_left_over(const std::string& name, const std::string& said) {
    auto left = split(name);
    const auto asked = split(said);
    if (asked.empty())
        return std::nullopt;
    for (const auto& word : asked) {
        auto found = std::ranges::find(left, word);
        if (found == left.end())
            found = std::ranges::find_if(left, [&](const std::string& one) { return one.starts_with(word); });
        if (found == left.end())
            return std::nullopt;
        left.erase(found);
    }
    return left.size();
}

std::optional<std::pair<double, double>> two_numbers(const std::string& text) {
    std::string even = text;
    replace_all(even, " to ", "-");
    std::erase(even, ' ');
    const auto first = number_in(even);
    if (!first)
        return std::nullopt;
    if (first->second.empty())
        return std::pair(first->first, first->first);
    if (!first->second.starts_with('-'))
        return std::nullopt;
    const auto last = number_in(first->second.substr(1));
    if (!last || !last->second.empty())
        return std::nullopt;
    return std::pair(first->first, last->first);
}

Words::Words(const std::string& tidied) : words_(split(tidied)) {}

bool Words::at_number() const {
    return !at_end() && number_in(words_[at_]).has_value();
}

std::string Words::rest() const {
    std::string all;
    for (std::size_t i = at_; i < words_.size(); ++i)
        all += (all.empty() ? "" : " ") + words_[i];
    return all;
}

bool Words::take(std::string_view word) {
    if (!next_is(word))
        return false;
    ++at_;
    return true;
}

bool Words::take_all(std::string_view phrase) {
    const auto wanted = split(lower(phrase));
    if (words_.size() - at_ < wanted.size() ||
        !std::equal(wanted.begin(), wanted.end(), words_.begin() + static_cast<std::ptrdiff_t>(at_)))
        return false;
    at_ += wanted.size();
    return true;
}

std::string Words::take_word() {
    return at_end() ? std::string() : words_[at_++];
}

std::optional<double> Words::take_number() {
    if (at_end())
        return std::nullopt;
    const auto number = number_in(words_[at_]);
    if (!number || (!number->second.empty() && !is_unit(number->second)))
        return std::nullopt;
    ++at_;
    if (number->second.empty() && !at_end() && is_unit(words_[at_]))
        ++at_;
    return number->first;
}

std::optional<std::int64_t> Words::take_ordinal() {
    if (at_end())
        return std::nullopt;
    if (take("other") || take("second"))
        return 2;
    const auto number = number_in(words_[at_]);
    if (!number || number->first != std::floor(number->first) || std::abs(number->first) > 1e6)
        return std::nullopt;
    const auto ending = number->second;
    if (ending != "nd" && ending != "rd" && ending != "th" && ending != "st" && !ending.empty())
        return std::nullopt;
    ++at_;
    return static_cast<std::int64_t>(number->first);
}

std::optional<Length> Words::take_length() {
    if (at_end())
        return std::nullopt;
    const auto number = number_in(words_[at_]);
    if (!number || number->first < 0 || number->first > 1e6)
        return std::nullopt;
    const bool apart = number->second.empty();
    if (apart && at_ + 1 == words_.size())
        return std::nullopt;
    const std::string_view unit = apart ? std::string_view(words_[at_ + 1]) : number->second;
    std::optional<Length> length;
    if (unit == "frame" || unit == "frames")
        length = Length{Length::Unit::InFrames, number->first};
    else if (unit == "ms")
        length = Length{Length::Unit::InMilliseconds, number->first};
    else if (unit == "s" || unit == "second" || unit == "seconds")
        length = Length{Length::Unit::InMilliseconds, number->first * 1000};
    else if (unit == "beat" || unit == "beats")
        length = Length{Length::Unit::InBeats, number->first};
    if (length)
        at_ += apart ? 2 : 1;
    return length;
}

} // namespace pulsepin::said_words
