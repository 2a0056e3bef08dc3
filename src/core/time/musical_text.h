// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "time/beat_grid.h"

#include <string>
#include <string_view>

namespace pulsepin {

/// "17.3.240", or "17.3" where the tick is 0.
[[nodiscard]] std::string format_position(MusicalPosition position);

/// Reads "17", "17.3" or "17.3.240"; spaces around the dots are allowed. Fails on anything else.
[[nodiscard]] Result<MusicalPosition> parse_position(std::string_view text);

/// "4/4".
[[nodiscard]] std::string format_metre(Metre metre);

/// Reads "3/4", or "3" for 3/4.
[[nodiscard]] Result<Metre> parse_metre(std::string_view text);

} // namespace pulsepin
