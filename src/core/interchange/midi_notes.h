// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "interchange/export_material.h"

namespace pulsepin {

/// All that is placed, as a Standard MIDI File of format 1: the tempo map, then a track for each lane that is
/// not muted. Each pin is a note: its pitch is its lane's (36 for the first, one more for each), its velocity
/// its strength (100 where it has none), its length what it lasts (a quarter of a beat where it is a moment);
/// words are lyrics too. Curves are controllers, a hundred times a second, from 20 on, then 85 and 102 (those
/// that MIDI 1.0 leaves undefined). Fails without a grid, and where nothing is placed.
[[nodiscard]] Result<std::string> write_midi_notes(const ExportMaterial& material);
[[nodiscard]] std::vector<std::string> midi_notes_losses(const ExportMaterial& material);

} // namespace pulsepin
