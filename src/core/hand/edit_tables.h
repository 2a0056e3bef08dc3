// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/hand_edits.h"

namespace pulsepin::edit_tables {

// What hand_edits() is put together from; each in the file of what it changes.
[[nodiscard]] std::span<const HandEdit> of_values(); ///< of pins, and of the shape of their lane
[[nodiscard]] std::span<const HandEdit> of_events(); ///< the course of what triggers drive
[[nodiscard]] std::span<const HandEdit> of_grid();
[[nodiscard]] std::span<const HandEdit> of_layers();
[[nodiscard]] std::span<const HandEdit> of_lanes();
[[nodiscard]] std::span<const HandEdit> of_following(); ///< lanes that follow the music, what they drive
[[nodiscard]] std::span<const HandEdit> of_piece();
[[nodiscard]] std::span<const HandEdit> of_lights();

} // namespace pulsepin::edit_tables
