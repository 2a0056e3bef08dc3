// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/param.h"

#include <span>

namespace pulsepin {

/// What a note can be besides a text.
[[nodiscard]] std::span<const ParamChoice> note_signs();
/// Places in that list.
enum NoteSign { NoteText, NoteBreath, NoteCut, NoteOff };

} // namespace pulsepin
