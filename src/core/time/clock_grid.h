// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "time/beat_grid.h"

namespace pulsepin {

// Plain time as a ruler, for what is picked without beats: its ticks are a 9600th of a second from the start
// of the song, so that frames of 24, 25, 30, 48, 50 and 60 a second lie on whole ones.

[[nodiscard]] Ticks clock_ticks(Seconds time); ///< the nearest
[[nodiscard]] Seconds clock_time(Ticks ticks);
/// A ruler that counts them from 0 on, with no music in it.
[[nodiscard]] BeatGrid clock_grid(Seconds until);

} // namespace pulsepin
