// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>

namespace pulsepin {

/// So many are found one by one, by `Project::pin`, sooner than by a look through all lanes.
inline constexpr std::size_t few_pins = 8;

} // namespace pulsepin
