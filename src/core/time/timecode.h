// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "time/frame_rate.h"

namespace pulsepin {

enum class TimecodeCount { NonDrop, Drop };

/// Drop-frame counting exists for the rates n*30000/1001 only (SMPTE ST 12-1): it leaves out the first 2n
/// frame numbers of each minute except every tenth, so that the numbers keep up with the clock.
[[nodiscard]] bool drop_frame_exists(FrameRate rate);

/// hh:mm:ss:ff, or hh:mm:ss;ff when counted with drop-frame. A negative frame gets a leading minus.
/// Asking for Drop at a rate that has none gives NonDrop.
[[nodiscard]] std::string format_timecode(Frames frame, FrameRate rate, TimecodeCount count);

/// The reverse. Fails on numbers out of range and on frame numbers that drop-frame counting leaves out.
[[nodiscard]] Result<Frames> parse_timecode(std::string_view text, FrameRate rate);

/// m:ss.mmm, or h:mm:ss.mmm from an hour on.
[[nodiscard]] std::string format_clock(Seconds time);

} // namespace pulsepin
