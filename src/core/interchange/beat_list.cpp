// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/beat_list.h"

#include "time/musical_text.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin {
namespace {

std::vector<std::string_view> cells_of(std::string_view line) {
    const bool blanks = line.find_first_of(",;\t") == std::string_view::npos;
    const std::string_view separators = blanks ? " " : ",;\t";
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

template <class T>
std::optional<T> number_in(std::string_view cell) {
    T value{};
    const auto [end, error] = std::from_chars(cell.data(), cell.data() + cell.size(), value);
    if (error != std::errc() || end != cell.data() + cell.size())
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

Result<BeatGrid> read_beat_list(std::string_view text) {
    std::vector<Seconds> times;
    std::vector<int> in_bar;
    std::optional<std::int64_t> bar_one; // the beat that is told to be it
    std::size_t beat_column = 1, bar_column = 0, line_number = 0;
    if (text.substr(0, 3) == "\xef\xbb\xbf")
        text.remove_prefix(3);
    while (!text.empty()) {
        ++line_number;
        const auto end = text.find_first_of("\r\n");
        const auto line = text.substr(0, end);
        text.remove_prefix(end == std::string_view::npos ? text.size() : end + 1);
        if (end != std::string_view::npos && !text.empty() && line.data()[end] == '\r' &&
            text.front() == '\n')
            text.remove_prefix(1);
        if (line.find_first_not_of(" \t") == std::string_view::npos || line.front() == '#')
            continue;
        const auto cells = cells_of(line);
        const auto time = number_in<double>(cells.front());
        if (!time || !std::isfinite(*time)) {
            if (!times.empty())
                return fail(fmt::format("Line {} of the beat list does not begin with a time in seconds.",
                                        line_number),
                            {}, "Correct the line, or leave it out.");
            for (std::size_t i = 1; i < cells.size(); ++i)
                if (cells[i] == "beat")
                    beat_column = i;
                else if (cells[i] == "bar")
                    bar_column = i;
            continue; // a heading
        }
        if (!times.empty() && Seconds(*time) <= times.back())
            return fail(
                fmt::format("Line {} of the beat list is not later than the line before.", line_number), {},
                "Sort the list by time.");
        times.push_back(Seconds(*time));
        in_bar.push_back(beat_column < cells.size() ? number_in<int>(cells[beat_column]).value_or(0) : 0);
        if (bar_column > 0 && bar_column < cells.size() && in_bar.back() == 1 && cells[bar_column] == "1")
            bar_one = static_cast<std::int64_t>(times.size()) - 1;
    }
    if (times.size() < 2)
        return fail("There are fewer than two beats in the list.", {},
                    "A beat list has a time in seconds in each line.");
    auto grid = grid_from_beats(times, in_bar);
    return grid && bar_one ? with_bar_one_kept(*grid, grid->first_beat() + *bar_one) : grid;
}

} // namespace pulsepin
