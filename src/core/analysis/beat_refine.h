// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/beat_path.h"
#include "analysis/features.h"

namespace pulsepin {

struct RefinedBeats {
    std::vector<Seconds> times;
    std::vector<float>
        confidence; ///< 0 to 1: how clearly something starts on the beat, evened over its neighbours
};

/// Moves each beat to the attack that is heard there and evens the result out, so that one early snare does
/// not bend the grid; a song that runs at one tempo comes out exactly steady.
[[nodiscard]] RefinedBeats refine_beats(const Features& features, const BeatTrack& track);

} // namespace pulsepin
