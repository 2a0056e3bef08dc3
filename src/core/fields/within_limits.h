// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <optional>

namespace pulsepin {

/// What an edit made that a file could not hold (see model/limits.h); nothing when all is well. Only parts
/// that differ from `before` are looked at.
[[nodiscard]] std::optional<Error> beyond_limits(const Project& next, const Project& before);

} // namespace pulsepin
