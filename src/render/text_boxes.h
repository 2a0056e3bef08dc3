// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "check/checks.h"

namespace pulsepin {

/// Where the titles of a piece are seen: each appearance half way through its time, those that are there all
/// the time in the middle of the piece.
[[nodiscard]] std::vector<TextBox> text_boxes(const Curves& curves);

} // namespace pulsepin
