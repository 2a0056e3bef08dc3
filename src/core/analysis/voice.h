// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "base/progress.h"
#include "media/sample_store.h"
#include "time/beat_grid.h"

#include <vector>

namespace pulsepin {

/// A moment at which a voice begins to sound, or goes on to another sound.
struct VoiceStart {
    Seconds time;
    float strength = 0; ///< 0 to 1
};

/// Where a voice starts between two times of a song. A voice is what lies in the middle of the two channels
/// (Avendano 2003: what differs between them is taken off; common practice: voices are mixed there), between
/// 200 Hz and 5 kHz, and does not sound at the same place of other bars: of each moment the most similar ones
/// at that place are sought, and their median is taken off (REPET-SIM: Rafii and Pardo 2012; by bars of the
/// grid, where there is one). Starts are where what remains rises. Fails only when cancelled.
[[nodiscard]] Result<std::vector<VoiceStart>> voice_starts(const SampleStore& sound, const BeatGrid* grid,
                                                           Seconds from, Seconds until,
                                                           const Progress& progress = {});

} // namespace pulsepin
