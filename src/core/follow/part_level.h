// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/level_track.h"

namespace pulsepin {

/// The level of the percussive or harmonic part within the limits: what is a ridge in time is harmonic, what
/// is one in frequency percussive; medians along either axis share out each bin of the spectrum (Fitzgerald
/// 2010). A hundred values a second, each of 43 ms at 48 kHz. Fails only when cancelled.
[[nodiscard]] Result<LevelTrack> measure_part(const SampleStore& sound, const LevelSpec& spec,
                                              const Progress& progress);

} // namespace pulsepin
