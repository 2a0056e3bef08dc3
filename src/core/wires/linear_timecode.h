// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <cstdint>
#include <functional>
#include <span>

namespace pulsepin {

/// Where linear timecode begins, and how it counts (SMPTE ST 12-1).
struct LinearTimecode {
    double frames_a_second = 25; ///< 24, 25, 29.97 or 30
    bool drop_frames = false;
    int hours = 0, minutes = 0, seconds = 0, frames = 0; ///< of its first frame
    std::int64_t sample_rate = 48'000;
    double level_db = -12; ///< below full scale; a level that recorders take (common practice)
};

/// As sound, in pieces as they come; biphase-mark, an even rise of 40 us at 24 and 30 and 50 us at 25 frames
/// (libltc). Fails for other rates, and where `take` does.
[[nodiscard]] Result<void> linear_timecode(const LinearTimecode& timecode, std::int64_t samples,
                                           const std::function<Result<void>(std::span<const float>)>& take);

} // namespace pulsepin
