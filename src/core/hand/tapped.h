// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/hand_edits.h"
#include "time/taps.h"

namespace pulsepin {

/// A row of onsets at the taps, each as strong as it was hit; a row of that name is replaced. Fails without
/// taps.
[[nodiscard]] Result<Project> with_taps_as_row(const Project& project, std::string name,
                                               std::span<const Tap> taps);

/// A rhythm that was tapped, laid elsewhere.
struct Rhythm {
    std::span<const Tap> taps;
    /// What it was tapped at: taps count as the nearest quarters of its beats, and land on the grid's. None:
    /// they were tapped freely, and land as they came.
    std::optional<Bpm> tempo = {};
};
/// Where the taps land when the first one lands at that moment: on the grid where there is one.
[[nodiscard]] std::vector<Anchor> landings(const Project& project, const Rhythm& rhythm, Seconds at);

/// A pin of the lane's kind at each of them, as strong as the tap was hit. Fails without taps, and where the
/// lane's kind cannot be placed.
[[nodiscard]] Result<HandEdited> with_rhythm_laid(const Schedule& schedule, LaneId lane, const Rhythm& rhythm,
                                                  Seconds at);

} // namespace pulsepin
