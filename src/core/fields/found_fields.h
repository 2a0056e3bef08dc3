// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/fields.h"
#include "model/project.h"

namespace pulsepin {

// What was found in the song, and the grid that was made of it.

void fields_of(Fields& f, Detection& found);
/// A grid is a value that is always valid: it is made when all of it was read.
void grid_field(Fields& f, const char* name, std::optional<BeatGrid>& grid);

} // namespace pulsepin
