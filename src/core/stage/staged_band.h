// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/schedule.h"

#include <optional>
#include <string>
#include <vector>

namespace pulsepin {

/// A text in the running band: between where its start and its end lie, in the picture's pixels from the
/// left.
struct BandText {
    std::string text;
    double left = 0, right = 0;
    Colour ink;
    int row = 0;
    int sign = 0;         ///< one of note_signs(), of notes
    bool is_word = false; ///< underlined for as long as it is sung
    bool sounds = false;  ///< what is heard now lies in it
    friend bool operator==(const BandText&, const BandText&) = default;
};

/// The band of words and notes as it lies over a frame: what is heard now lies under its line.
struct StagedBand {
    double line = 0;   ///< pixels from the left
    double height = 0; ///< pixels, up from the picture's lower edge
    int rows = 1;
    std::vector<BandText> texts;
    std::vector<double> cuts; ///< where shots change
    /// Beats to the next entry after a rest, the last three of them; 0: none is counted.
    int counts = 0;
    friend bool operator==(const StagedBand&, const StagedBand&) = default;
};

/// None where the project shows no band.
[[nodiscard]] std::optional<StagedBand> staged_band(const Schedule& schedule, Frames frame);

} // namespace pulsepin
