// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <optional>
#include <string>

namespace pulsepin {

/// How long a length is when it begins at a time: none for "none" and "until the next". Where no section is
/// found around it, one ends with the piece.
[[nodiscard]] std::optional<Seconds> duration_of(const Length& length, Seconds from, const Project& project);

/// "until the next", "2 beats", "5 frames", "300 ms"; empty for none.
[[nodiscard]] std::string length_text(const Length& length);

} // namespace pulsepin
