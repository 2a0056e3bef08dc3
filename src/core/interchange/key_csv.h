// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

namespace pulsepin {

/// The keys of all lanes of motion, one a line with a heading (RFC 4180): frame, seconds, value, and the
/// easing that leads up to it from the key before ("hold": it jumps here). Fails when there are none.
[[nodiscard]] Result<std::string> write_key_csv(const Project& project);

} // namespace pulsepin
