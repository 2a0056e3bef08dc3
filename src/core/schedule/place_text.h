// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

namespace pulsepin {

/// What a number by itself means.
enum class PlainNumber { AsBar, AsSeconds, AsFrame };

/// A place as a person writes it: "13.3" or "13.3.480" (bar, beat, ticks), "0:26.96" or "26.96 s",
/// "00:00:26:23" (timecode), "647 f"; a number by itself as it is meant where it is written. Fails, with what
/// can be written, for anything else, and for bars without a grid.
[[nodiscard]] Result<Anchor> place_of_text(const Project& project, std::string_view text, PlainNumber plain);

} // namespace pulsepin
