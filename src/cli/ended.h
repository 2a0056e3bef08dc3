// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace pulsepin {

/// From here on Ctrl+C and a request to end (SIGTERM) are heard of by is_ended(), and end nothing by
/// themselves.
void end_by_signals();
[[nodiscard]] bool is_ended();

} // namespace pulsepin
