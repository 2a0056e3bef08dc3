// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/score_layout.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

ScoreLayout::ScoreLayout(const BeatGrid& grid, int bars_in_row, double left, double width, double row_height)
    : left_(left), row_height_(row_height) {
    const auto bar_of = [&](std::int64_t beat) { return grid.position_of(Ticks(beat * ticks_per_beat)).bar; };
    const auto start_of = [&](std::int64_t bar) { return grid.ticks_of({bar, 1, 0}).value / ticks_per_beat; };
    const auto n = static_cast<std::int64_t>(bars_in_row);
    // Phrases begin at bar 1, n + 1 and so on; what lies before bar 1 wraps backwards from it.
    const auto first = bar_of(grid.first_beat());
    auto bar = 1 + (first - 1 >= 0 ? (first - 1) / n : -((n - first) / n)) * n;
    const auto last = bar_of(grid.last_beat());
    std::int64_t longest = 1;
    for (double top = 0; bar <= last; bar += n, top += row_height) {
        rows_.push_back({bar, bar + n - 1, start_of(bar), start_of(bar + n), top});
        longest = std::max(longest, rows_.back().end_beat - rows_.back().first_beat);
    }
    beat_width_ = width / static_cast<double>(longest);
}

std::size_t ScoreLayout::row_of(Beats place) const {
    const auto after =
        std::upper_bound(rows_.begin(), rows_.end(), place.value + 1e-9, [](double beat, const Row& row) {
            return beat < static_cast<double>(row.first_beat);
        });
    return after == rows_.begin() ? 0 : static_cast<std::size_t>(after - rows_.begin()) - 1;
}

bool ScoreLayout::holds(const Row& row, Beats place) {
    constexpr double a_little = 0.12; // beats
    return place.value >= static_cast<double>(row.first_beat) - a_little &&
           place.value < static_cast<double>(row.end_beat) - a_little;
}

double ScoreLayout::x(const Row& row, Beats place) const {
    return left_ + (place.value - static_cast<double>(row.first_beat)) * beat_width_;
}

std::size_t ScoreLayout::row_at(double y) const {
    const double row = std::floor(y / row_height_);
    return static_cast<std::size_t>(
        std::clamp(row, 0.0, std::max(0.0, static_cast<double>(rows_.size()) - 1)));
}

Beats ScoreLayout::place(double x, double y) const {
    const Row& row = rows_[row_at(y)];
    const double beat = static_cast<double>(row.first_beat) + (x - left_) / beat_width_;
    return Beats(std::min(beat, static_cast<double>(row.end_beat)));
}

} // namespace pulsepin
