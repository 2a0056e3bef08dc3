// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/note_lengths.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <optional>

namespace pulsepin {
namespace {

constexpr double beats_a_whole_note = 4, shortest_beats = 1.0 / 64, longest_beats = 1e6;
constexpr std::size_t most_lengths = 100'000;

std::optional<double> number_at(std::string_view& text) {
    double value = 0;
    const auto [end, wrong] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (wrong != std::errc{} || end == text.data())
        return std::nullopt;
    text.remove_prefix(static_cast<std::size_t>(end - text.data()));
    return value;
}

std::optional<int> whole_at(std::string_view& text) {
    int value = 0;
    const auto [end, wrong] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (wrong != std::errc{} || end == text.data())
        return std::nullopt;
    text.remove_prefix(static_cast<std::size_t>(end - text.data()));
    return value;
}

bool taken(std::string_view& text, std::string_view word) {
    if (!text.starts_with(word))
        return false;
    text.remove_prefix(word.size());
    return true;
}

/// In beats. None where it is no note.
std::optional<double> note(std::string_view text) {
    taken(text, "1/");
    const auto division = whole_at(text);
    if (!division || *division < 1 || *division > 1024)
        return std::nullopt;
    for (const auto ending : {"st", "nd", "rd", "th"})
        if (taken(text, ending))
            break;
    double beats = beats_a_whole_note / *division;
    if (taken(text, "t"))
        beats *= 2.0 / 3;
    else
        for (double more = beats / 2; taken(text, "."); more /= 2)
            beats += more;
    return text.empty() ? std::optional(beats) : std::nullopt;
}

std::optional<double> tied_notes(std::string_view text) {
    double beats = 0;
    while (true) {
        const auto tie = text.find('+');
        const auto one = note(text.substr(0, tie));
        if (!one)
            return std::nullopt;
        beats += *one;
        if (tie == std::string_view::npos)
            return beats;
        text.remove_prefix(tie + 1);
    }
}

std::optional<double> in_beats(std::string_view text) {
    const auto beats = number_at(text);
    return beats && text.empty() && std::isfinite(*beats) ? beats : std::nullopt;
}

Result<std::vector<NoteLength>>
lengths(std::string_view text, std::optional<double> (*read)(std::string_view), const char* example) {
    std::vector<NoteLength> all;
    int line = 1;
    bool any = false;
    for (std::size_t at = 0; at < text.size();) {
        constexpr std::string_view between = " \t\r\n,;|";
        if (between.find(text[at]) != std::string_view::npos) {
            line += text[at++] == '\n';
            continue;
        }
        const auto end = std::min(text.find_first_of(between, at), text.size());
        std::string_view word = text.substr(at, end - at);
        at = end;
        const std::string told(word.substr(0, 40));
        const bool rest = word.starts_with('r') || word.starts_with('R');
        if (rest)
            word.remove_prefix(1);
        const auto beats = read(word);
        if (!beats || *beats < shortest_beats || *beats > longest_beats)
            return fail("\"" + told + "\" in line " + std::to_string(line) + " is no length.", {}, example);
        if (all.size() == most_lengths)
            return fail("There are more than 100 000 lengths.");
        all.push_back({*beats, rest});
        any = any || !rest;
    }
    if (!any)
        return fail("There is no length at which something is placed.", {}, example);
    return all;
}

} // namespace

Result<std::vector<NoteLength>> lengths_in_notes(std::string_view text) {
    return lengths(text, tied_notes, "Write lengths as 4 8 8. 16 8t 4+8 r4.");
}

Result<std::vector<NoteLength>> lengths_in_beats(std::string_view text) {
    return lengths(text, in_beats, "Write beats as 1 0.5 0.25.");
}

Result<std::vector<NoteLength>> lengths_in(const ParamValues& values) {
    const std::string text = values.text("lengths");
    return values.text("in") == "beats" ? lengths_in_beats(text) : lengths_in_notes(text);
}

} // namespace pulsepin
