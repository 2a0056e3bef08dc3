// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace pulsepin {

/// How much was done of what was asked for, where that was several things.
enum class Extent { All, Some };

} // namespace pulsepin
