// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/fields.h"
#include "model/words.h"

namespace pulsepin {

// What lanes of words, notes and exposures have, and the band, as a project's file has them
// (fields/project_fields.h).

void fields_of(Fields& f, LaneText& text);
void fields_of(Fields& f, Inked& inked);
void fields_of(Fields& f, Exposing& exposing);
void fields_of(Fields& f, RunningBand& band);

} // namespace pulsepin
