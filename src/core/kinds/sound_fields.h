// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/fields.h"
#include "model/pin.h"

namespace pulsepin {

/// How a sound is heard, in a project's file: of the song and of the sounds beside it.
void heard_fields(Fields& f, SoundBody& sound);

} // namespace pulsepin
