// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/schedule.h"

namespace pulsepin {

/// All triggers, one a line with a heading (RFC 4180): lane, effect, row, place, first frame and the frame
/// after the last, strength in percent, colours. Muted ones and those that another one hides are left out.
/// Fails when there are none.
[[nodiscard]] Result<std::string> write_trigger_csv(const Schedule& schedule);

} // namespace pulsepin
