// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

namespace pulsepin {

/// Where the piece ends: where it was told to, or else with the song or with the sound beside it that ends
/// last.
[[nodiscard]] Seconds piece_end(const Project& project);
/// Frames from the song's first sample to the end of the piece.
[[nodiscard]] Frames piece_length(const Project& project);

} // namespace pulsepin
