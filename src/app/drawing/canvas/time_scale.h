// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/quantity.h"
#include "time/beat_grid.h"

#include <algorithm>

namespace pulsepin {

/// Which stretch of time lies under which pixels: evenly on a line; in a phrase its beats lie evenly,
/// whatever the tempo.
struct TimeScale {
    double left = 0;                       ///< x of the first pixel of the time area
    double width = 100;                    ///< pixels
    Seconds start;                         ///< time at `left`
    double pixels_per_second = 50;         ///< zoom; the mean of it in a phrase
    const BeatGrid* grid = nullptr;        ///< of a phrase; null: a line
    double first_beat = 0, beat_width = 1; ///< of a phrase

    /// A phrase: beats [first, end) of a grid, each as wide. The grid must outlive it.
    [[nodiscard]] static TimeScale of_phrase(const BeatGrid& beats, std::int64_t first, std::int64_t end,
                                             double left, double beat_width) {
        TimeScale scale;
        scale.left = left;
        scale.width = static_cast<double>(end - first) * beat_width;
        scale.start = beats.time_at(Ticks(first * ticks_per_beat));
        scale.pixels_per_second =
            scale.width / (beats.time_at(Ticks(end * ticks_per_beat)) - scale.start).value;
        scale.grid = &beats;
        scale.first_beat = static_cast<double>(first);
        scale.beat_width = beat_width;
        return scale;
    }

    [[nodiscard]] double x(Seconds time) const {
        return grid ? left + (grid->beats_at(time).value - first_beat) * beat_width
                    : left + (time - start).value * pixels_per_second;
    }
    [[nodiscard]] Seconds time(double at) const {
        return grid ? grid->time_at(Beats(first_beat + (at - left) / beat_width))
                    : start + Seconds((at - left) / pixels_per_second);
    }
    [[nodiscard]] Seconds span() const { return Seconds(width / pixels_per_second); }
    [[nodiscard]] Seconds end() const { return start + span(); }
    [[nodiscard]] bool is_phrase() const { return grid != nullptr; }
    /// The stretch whose pins belong here. On a line those count whose heads reach in, by so many pixels. A
    /// pin a little before the first beat of a phrase, as after a correction of the grid, belongs to it and
    /// not to the phrase before.
    struct Reach {
        Seconds from, until;
    };
    [[nodiscard]] Reach reach(double pixels) const {
        constexpr double a_little = 0.12; // beats
        if (!grid)
            return {start - Seconds(pixels / pixels_per_second), end() + Seconds(pixels / pixels_per_second)};
        return {grid->time_at(Beats(first_beat - a_little)),
                grid->time_at(Beats(first_beat + width / beat_width - a_little))};
    }

    /// The same moment stays under `at`. From a view of a day to a dozen pixels a sample. Of a line.
    void zoom(double factor, double at) {
        const Seconds held = time(at);
        pixels_per_second = std::clamp(pixels_per_second * factor, 0.01, 2e6);
        start = held - Seconds((at - left) / pixels_per_second);
    }
};

} // namespace pulsepin
