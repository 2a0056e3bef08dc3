// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/beat_path.h"

namespace pulsepin {

/// Follows an end that slows down, or hurries, where the track has lost it: from each of the last beats on a
/// beam of paths whose tempo goes on changing as it has begun to (in the manner of the agents of Dixon 2001,
/// with a change of tempo as part of what each believes). Taken where the network hears clearly more of it as
/// beats. odds: what the network hears, on the slow clock; empty: the track stays.
[[nodiscard]] BeatTrack with_bent_end(BeatTrack track, std::span<const float> odds);

} // namespace pulsepin
