// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "params/param.h"

#include <string_view>
#include <vector>

namespace pulsepin {

/// From a place to the next one.
struct NoteLength {
    double beats = 1;
    bool rest = false; ///< nothing is placed at its beginning
    friend bool operator==(const NoteLength&, const NoteLength&) = default;
};

/// Lengths written as notes, in divisions of a whole note of four beats: "4" a quarter, "8th" an eighth,
/// "1/16"; dotted "4." by half as much more, twice dotted "4..", triplets "8t" by a third less, tied "4+8",
/// and with an r before it a rest. Between them blanks, commas, line breaks or bar lines ("|"). Fails, naming
/// what it is and on which line, where one of them is none, where there is none, and where all are rests.
[[nodiscard]] Result<std::vector<NoteLength>> lengths_in_notes(std::string_view text);
/// The same in beats, as decimal numbers: a column of a table.
[[nodiscard]] Result<std::vector<NoteLength>> lengths_in_beats(std::string_view text);

/// By the values of the source of positions that has them.
[[nodiscard]] Result<std::vector<NoteLength>> lengths_in(const ParamValues& values);

} // namespace pulsepin
