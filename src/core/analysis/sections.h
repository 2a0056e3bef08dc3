// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/features.h"
#include "time/beat_grid.h"

#include <string>

namespace pulsepin {

/// A stretch of the song that sounds alike, from one boundary to the next.
struct Section {
    Seconds start, end;
    int letter = 0;       ///< 0 for A; sections that sound alike share it
    bool drop = false;    ///< begins with the largest rise after a thin stretch
    float confidence = 0; ///< 0 to 1: how clear the boundary at its start is; 1 for the first
    friend bool operator==(const Section&, const Section&) = default;
};

/// Boundaries where the self-similarity of the song shows a corner (Foote 2000, a checkerboard with a
/// Gaussian taper over eight bars to either side), snapped to bars where there is a grid. One section, at
/// least, in every song that sounds.
[[nodiscard]] std::vector<Section> find_sections(const Features& features, const BeatGrid* grid);

/// "A", "B" ... "Z", "AA" ...
[[nodiscard]] std::string section_letter(int letter);

} // namespace pulsepin
