// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/features.h"
#include "time/beat_grid.h"

#include <string>

namespace pulsepin {

/// What a section is for, where that is clear.
enum class SectionRole { None, Intro, Break, Ending };

/// A stretch of the song that sounds alike, from one boundary to the next.
struct Section {
    Seconds start, end;
    int letter = 0; ///< 0 for A; sections that sound alike share it
    SectionRole role = SectionRole::None;
    bool drop = false;    ///< the kick comes back after a break, or the level rises most: see name_roles()
    float confidence = 0; ///< 0 to 1: how clear the boundary at its start is; 1 for the first
    friend bool operator==(const Section&, const Section&) = default;
};

/// On a grid sections begin at bars: where the self-similarity of the song shows a corner (Foote 2000), drums
/// or level change, where phrases of eight and four bars have come to an end, and around breaks; without one
/// where that corner is sharpest. One section, at least, in every song that sounds.
[[nodiscard]] std::vector<Section> find_sections(const Features& features, const BeatGrid* grid);

/// Its role, or its letter.
[[nodiscard]] std::string section_name(const Section& section);
/// "A", "B" ... "Z", "AA" ...
[[nodiscard]] std::string section_letter(int letter);

} // namespace pulsepin
