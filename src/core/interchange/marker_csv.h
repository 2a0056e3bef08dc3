// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/schedule.h"

namespace pulsepin {

/// All markers as comma-separated values (RFC 4180) with a heading:
/// name, note, bar.beat, seconds, frame, timecode, rounding error in ms. Fails when there is no marker.
[[nodiscard]] Result<std::string> write_marker_csv(const Schedule& schedule);

} // namespace pulsepin
