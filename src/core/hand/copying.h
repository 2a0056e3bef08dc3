// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/copies.h"
#include "schedule/schedule.h"

namespace pulsepin {

/// What was copied, one after the other on the places that a picker finds from a moment on. Fails where it
/// finds none.
[[nodiscard]] Result<Copied> pasted_on_picked(const Project& project, const Clipping& clipping,
                                              const Picker& picker, Seconds from);

struct Stretch {
    Ticks from, until; ///< the last one not included
};
/// What comes again when pins are repeated: a range, to the nearest beats, or the whole bars that hold them.
/// None without a grid or where there are none.
[[nodiscard]] std::optional<Stretch> stretch_to_repeat(const Schedule& schedule, const PinSet& pins,
                                                       const std::optional<TimeSpan>& range);

} // namespace pulsepin
