// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/beat_path.h"

namespace pulsepin {

/// With the beats at either end that a path misses, since nothing leads up to them: on and before the first
/// start, as long as they are no more than a sixth of a beat before it; behind its end where something starts
/// clearly on them; without those that come after the last start. starts: slow frames, rising; clear: the
/// clear ones of them.
[[nodiscard]] BeatTrack with_its_ends(BeatTrack track, std::span<const double> starts,
                                      std::span<const double> clear);

} // namespace pulsepin
