// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/planting.h"
#include "model/property.h"

#include <span>

namespace pulsepin {

// What can be told of how pins of one planting differ from each other; lists of shots and colours besides.

[[nodiscard]] std::span<const Property<ShotChoice>> shot_choice_properties();
[[nodiscard]] std::span<const Property<Variation>> variation_properties();
[[nodiscard]] std::span<const Property<Spread>> spread_properties();

} // namespace pulsepin
