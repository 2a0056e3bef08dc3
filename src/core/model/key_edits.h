// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <span>

namespace pulsepin {

// Edits of keys as groups. Other pins among those that are given, and locked ones, stay as they are.

/// Each lane's keys run backwards between the first and the last of them; eases in become eases out.
[[nodiscard]] Project keys_reversed(const Project& project, std::span<const PinId> pins);

/// Values drawn out from `about`, or nearer to it: value' = about + (value - about) * factor.
[[nodiscard]] Project keys_scaled(const Project& project, std::span<const PinId> pins, double about,
                                  double factor);

/// Pins of the second lane act by so many frames later than before, those of the third by twice as many.
[[nodiscard]] Project staggered(const Project& project, std::span<const PinId> pins, Frames by);

/// The easing run backwards: in becomes out.
[[nodiscard]] Easing mirrored(Easing easing);

} // namespace pulsepin
