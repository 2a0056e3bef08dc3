// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

namespace pulsepin {

/// The time of an anchor; nothing where it hangs on a grid or a pin that is not there, or on itself in a
/// ring.
[[nodiscard]] std::optional<Seconds> anchored_time(const Anchor& anchor, const Project& project);

} // namespace pulsepin
