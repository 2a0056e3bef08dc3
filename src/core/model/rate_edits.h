// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

namespace pulsepin {

/// Another picture rate. What is counted in frames (lengths, leads, offsets, fades, pulses) is counted anew,
/// so that everything lasts as long as before and acts when it did, to within half a new frame.
[[nodiscard]] Project with_frame_rate(const Project& project, FrameRate rate);

} // namespace pulsepin
