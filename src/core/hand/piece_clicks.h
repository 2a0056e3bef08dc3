// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/schedule.h"

namespace pulsepin {

/// Something that is heard as a click.
struct PieceClick {
    Seconds at;
    bool accent = false; ///< the first beat of a bar
    int sound = 0;       ///< one of click_sounds(), from 1 on; 0: that of the beats
};

/// The pins of lanes and the onsets of rows that have a click, each where it acts, by time. Rows are those of
/// `detection`; null: none.
[[nodiscard]] std::vector<PieceClick> clicks_of_events(const Schedule& schedule, const Detection* detection);
/// The same with the beats of the grid, as the piece is heard with its clicks.
[[nodiscard]] std::vector<PieceClick> clicks_of_piece(const Schedule& schedule);

} // namespace pulsepin
