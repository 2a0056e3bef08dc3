// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/schedule.h"

#include <cstdint>
#include <string>

namespace pulsepin {

/// What a WAV file of the song bears besides its samples (media/wav_cues.h): the markers as cue points, those
/// that last as regions, and the chunk of Broadcast Wave, by which it begins at 0.
[[nodiscard]] std::string cues_of_piece(const Schedule& schedule, std::int64_t sample_rate);

} // namespace pulsepin
