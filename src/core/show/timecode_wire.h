// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "time/timecode.h"
#include "wires/midi_timecode.h"

namespace pulsepin {

/// The rate that MIDI timecode counts a piece at: there are four.
struct TimecodeRate {
    mtc::Rate rate;
    FrameRate frames; ///< as they pass
};
[[nodiscard]] TimecodeRate timecode_rate(FrameRate of);
[[nodiscard]] mtc::Time timecode_at(Frames frame, const TimecodeRate& rate);

} // namespace pulsepin
