// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/beat_list.h"

#include "base/unicode.h"
#include "time/musical_text.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin {
namespace {

/// What stands between the columns of a list, and what between a number's whole and its parts.
struct ListStyle {
    std::string_view separators;
    bool decimal_comma = false;
};

std::vector<std::string_view> cells_of(std::string_view line, std::string_view separators) {
    const bool blanks = separators == " ";
    std::vector<std::string_view> cells;
    while (true) {
        const auto end = line.find_first_of(separators);
        auto cell = line.substr(0, end);
        while (!cell.empty() && (cell.front() == ' ' || cell.front() == '"'))
            cell.remove_prefix(1);
        while (!cell.empty() && (cell.back() == ' ' || cell.back() == '"'))
            cell.remove_suffix(1);
        if (!blanks || !cell.empty())
            cells.push_back(cell);
        if (end == std::string_view::npos)
            return cells;
        line.remove_prefix(end + 1);
    }
}

std::vector<std::string_view> lines_of(std::string_view text) {
    std::vector<std::string_view> lines;
    while (!text.empty()) {
        const auto end = text.find_first_of("\r\n");
        lines.push_back(text.substr(0, end));
        const bool pair = end != std::string_view::npos && text.substr(end, 2) == "\r\n";
        text.remove_prefix(end == std::string_view::npos ? text.size() : end + (pair ? 2 : 1));
    }
    return lines;
}

bool says_nothing(std::string_view line) {
    return line.find_first_not_of(" \t\"") == std::string_view::npos || line.front() == '#';
}

bool begins_as_number(std::string_view cell) {
    return !cell.empty() && std::string_view("0123456789+-.,").find(cell.front()) != std::string_view::npos;
}

/// In many countries the comma stands for the decimal point. It does where something else stands between the
/// columns; in a list of one comma a line, when what precedes it does not rise or what follows it is no
/// number of a beat in a bar.
bool comma_is_decimal(const std::vector<std::string_view>& lines) {
    std::string_view before;
    bool any = false, unlike_beats = false;
    for (const auto line : lines) {
        if (says_nothing(line) || !begins_as_number(cells_of(line, " ").front()))
            continue;
        const auto comma = line.find(',');
        if (comma == std::string_view::npos)
            continue;
        if (line.find('.') != std::string_view::npos || line.find(',', comma + 1) != std::string_view::npos)
            return false;
        const auto whole = line.substr(0, comma), parts = line.substr(comma + 1);
        unlike_beats = unlike_beats || whole == before || parts.size() > 2 || parts.starts_with('0');
        before = whole;
        any = true;
    }
    return any && unlike_beats;
}

ListStyle style_of(const std::vector<std::string_view>& lines) {
    const auto holds = [&](std::string_view marks) {
        return std::any_of(lines.begin(), lines.end(), [&](std::string_view line) {
            return !says_nothing(line) && line.find_first_of(marks) != std::string_view::npos;
        });
    };
    if (holds(";\t"))
        return {";\t", !holds(".")};
    if (!holds(","))
        return {" "};
    // Between blanks, as in "0,52 1", the commas can only be decimal.
    const bool blank_columns = std::any_of(lines.begin(), lines.end(), [](std::string_view line) {
        const auto cells = says_nothing(line) ? std::vector<std::string_view>{} : cells_of(line, " ");
        return cells.size() > 1 && begins_as_number(cells[0]) && !cells[0].ends_with(',') &&
               cells[0].find(',') != std::string_view::npos && cells[1].find(',') == std::string_view::npos;
    });
    if (blank_columns || comma_is_decimal(lines))
        return {" ", true};
    return {","};
}

template <class T>
std::optional<T> number_in(std::string_view cell, bool decimal_comma = false) {
    std::string text(cell.substr(cell.starts_with('+') ? 1 : 0));
    if (decimal_comma)
        std::replace(text.begin(), text.end(), ',', '.');
    T value{};
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (error != std::errc() || end != text.data() + text.size())
        return std::nullopt;
    return value;
}

/// That beat becomes bar 1; changes of metre before it stay.
Result<BeatGrid> with_bar_one_kept(const BeatGrid& grid, std::int64_t beat) {
    auto metres = grid.metres();
    for (auto& change : metres)
        change.beat -= beat;
    return BeatGrid::make(grid.beats(), grid.first_beat() - beat, std::move(metres));
}

Result<std::string> no_grid() {
    return fail("There are no beats to write.", {}, "Find the beats first.");
}

} // namespace

Result<std::string> write_beat_csv(const Project& project) {
    if (!project.grid)
        return no_grid();
    const auto& grid = *project.grid;
    std::string text = "seconds,bar,beat,metre,tempo,confidence,held\r\n";
    for (auto number = grid.first_beat(); number <= grid.last_beat(); ++number) {
        const auto& beat = grid.beats()[static_cast<std::size_t>(number - grid.first_beat())];
        const Ticks tick(number * ticks_per_beat);
        const auto place = grid.position_of(tick);
        text += fmt::format("{:.6f},{},{},{},{:.4f},{:.3f},{}\r\n", beat.time.value, place.bar, place.beat,
                            format_metre(grid.metre_at(tick)), grid.tempo_at(beat.time + Seconds(1e-7)).value,
                            beat.confidence, beat.origin == BeatOrigin::Held ? 1 : 0);
    }
    return text;
}

Result<std::string> write_beat_text(const Project& project) {
    if (!project.grid)
        return no_grid();
    const auto& grid = *project.grid;
    std::string text;
    for (auto number = grid.first_beat(); number <= grid.last_beat(); ++number)
        text += fmt::format("{:.6f}\t{}\n",
                            grid.beats()[static_cast<std::size_t>(number - grid.first_beat())].time.value,
                            grid.position_of(Ticks(number * ticks_per_beat)).beat);
    return text;
}

Result<BeatGrid> grid_from_beats(const std::vector<Seconds>& times, const std::vector<int>& in_bar) {
    std::vector<GridBeat> beats;
    for (const Seconds time : times)
        beats.push_back({time, 1.0f, BeatOrigin::Corrected});
    std::vector<std::int64_t> downbeats;
    for (std::size_t i = 0; i < in_bar.size(); ++i)
        if (in_bar[i] == 1)
            downbeats.push_back(static_cast<std::int64_t>(i));
    if (downbeats.empty())
        return BeatGrid::make(std::move(beats), 0, {});
    std::vector<MetreChange> metres;
    for (std::size_t i = 0; i < downbeats.size(); ++i) {
        // The last bar may have been cut off: it counts as those before.
        const bool last = i + 1 == downbeats.size();
        const auto length = last ? (metres.empty() ? 4 : metres.back().metre.beats_per_bar)
                                 : static_cast<int>(downbeats[i + 1] - downbeats[i]);
        if (metres.empty() || metres.back().metre.beats_per_bar != length)
            metres.push_back({downbeats[i] - downbeats.front(), {std::clamp(length, 1, 32), 4}});
    }
    return BeatGrid::make(std::move(beats), -downbeats.front(), std::move(metres));
}

namespace {

/// Which columns of a list tell the beat in its bar, and the bar.
struct ListColumns {
    std::size_t beat = 1, bar = 0; ///< 0: none
};

ListColumns columns_of(const std::vector<std::string_view>& heading) {
    ListColumns columns;
    for (std::size_t i = 1; i < heading.size(); ++i)
        if (heading[i] == "beat")
            columns.beat = i;
        else if (heading[i] == "bar")
            columns.bar = i;
    return columns;
}

/// Why a time cannot follow the one before; none when it can.
std::optional<Error> trouble_with(Seconds time, const std::vector<Seconds>& before, std::size_t line) {
    if (!(std::abs(time.value) <= furthest_time.value))
        return Error{
            fmt::format("Line {} of the beat list names {:g} seconds, which is no place in a piece of "
                        "music.",
                        line, time.value),
            {},
            "Times are in seconds."};
    if (before.empty())
        return std::nullopt;
    if (time <= before.back())
        return Error{fmt::format("Line {} of the beat list is not later than the line before.", line),
                     {},
                     "Sort the list by time; where a comma is the decimal sign, put ; between columns."};
    if (time - before.back() < shortest_interval)
        return Error{fmt::format("Line {} of the beat list is only {:.3g} ms later than the line before.",
                                 line, (time - before.back()).value * 1000),
                     {},
                     fmt::format("Beats are at least {:g} ms apart.", shortest_interval.value * 1000)};
    return std::nullopt;
}

} // namespace

Result<BeatGrid> read_beat_list(std::string_view bytes) {
    const std::string text = as_utf8(bytes);
    if (text.find('\0') != std::string::npos)
        return fail("This is no text, so no beat list.", {},
                    "A beat list has a time in seconds in each line.");
    const auto lines = lines_of(text);
    const auto style = style_of(lines);
    std::vector<Seconds> times;
    std::vector<int> in_bar;
    std::optional<std::int64_t> bar_one; // the beat that is told to be it
    ListColumns columns;
    bool heading_seen = false;
    for (std::size_t i = 0; i < lines.size(); ++i) {
        if (says_nothing(lines[i]))
            continue;
        const auto cells = cells_of(lines[i], style.separators);
        const auto time = number_in<double>(cells.front(), style.decimal_comma);
        if (!time || std::isnan(*time)) {
            if (!times.empty() || heading_seen || begins_as_number(cells.front()))
                return fail(
                    fmt::format("Line {} of the beat list does not begin with a time in seconds.", i + 1), {},
                    "Correct the line, or leave it out.");
            columns = columns_of(cells);
            heading_seen = true;
            continue;
        }
        if (auto trouble = trouble_with(Seconds(*time), times, i + 1))
            return tl::unexpected(*std::move(trouble));
        times.push_back(Seconds(*time));
        in_bar.push_back(columns.beat < cells.size() ? number_in<int>(cells[columns.beat]).value_or(0) : 0);
        if (columns.bar > 0 && columns.bar < cells.size() && in_bar.back() == 1 && cells[columns.bar] == "1")
            bar_one = static_cast<std::int64_t>(times.size()) - 1;
    }
    if (times.size() < 2)
        return fail("There are fewer than two beats in the list.", {},
                    "A beat list has a time in seconds in each line.");
    auto grid = of_usual_tempo(grid_from_beats(times, in_bar));
    return grid && bar_one ? with_bar_one_kept(*grid, grid->first_beat() + *bar_one) : grid;
}

} // namespace pulsepin
