// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "extent.h"

#include <string>
#include <vector>

namespace pulsepin {

struct NewRequest {
    std::string song, out, title, rate, size;
    std::string pattern;            ///< a project that is a template; empty: none
    std::vector<std::string> named; ///< "NAME=FILE": other files for clips of the template
    std::vector<std::string> shots; ///< files, and folders of them
    std::string table;              ///< of songs, a piece a line: then `out` is a folder
    bool replace = false;
};
/// Begins a piece, from nothing or from a template: opens the song, finds its beats, puts the shots into the
/// bin, and says what came of it. Shots that cannot be used are told and left out: then it is done in part.
[[nodiscard]] Result<Extent> begin_piece(const NewRequest& request);

/// A piece for each line of a table whose first line names the columns: song, title, file (the project's
/// name) and names of shots of the template, whose files are exchanged. Lines that cannot be done are told.
[[nodiscard]] Result<Extent> begin_pieces(const NewRequest& request);

} // namespace pulsepin
