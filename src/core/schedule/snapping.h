// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/schedule.h"

#include <optional>
#include <span>
#include <string_view>

namespace pulsepin {

/// A kind of place that pulls what is dragged, added or tapped.
struct SnapKind {
    std::string_view id;
    std::string_view label; ///< "thirds of beats"
    /// The nearest such place; none where there is none.
    std::optional<Seconds> (*nearest)(const Schedule&, const std::optional<TimeSpan>& range, Seconds time);
    bool of_grid = false; ///< pulls only as well as the grid is right
};

/// Beats, halves, thirds and quarters of them, onsets of all rows, markers, other pins, ends of the range.
[[nodiscard]] std::span<const SnapKind> snap_kinds();

/// Without those that the grid gives: where it is not trusted nothing is to be pulled by it.
[[nodiscard]] unsigned without_grid(unsigned kinds);

/// The pin whose frame is shown at a time, the nearest of several; none where no pin acts on that frame.
[[nodiscard]] std::optional<Seconds> pin_on_frame_at(const Schedule& schedule, Seconds time);

/// Of the kinds whose bit is set, the nearest place; none where there is none.
[[nodiscard]] std::optional<Seconds>
nearest_place(const Schedule& schedule, const std::optional<TimeSpan>& range, unsigned kinds, Seconds time);

} // namespace pulsepin
