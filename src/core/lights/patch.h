// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/rig.h"
#include "schedule/lights.h"

#include <cstdint>
#include <map>

namespace pulsepin {

/// Levels of channels by universe, from channel 1 up to the last one that is patched there.
using Universes = std::map<int, std::vector<std::uint8_t>>;

/// What each channel of the rig is to be at. A dimmer is at the brightest of its light's colours; what red,
/// green and blue have in common is white where there is a white channel (common practice). A fine channel
/// holds the 256ths of the one before it.
[[nodiscard]] Universes levels_of(const Rig& rig, std::span<const Lit> lit);
/// The same, into levels that came of the same rig, without taking room anew.
void put_levels(const Rig& rig, std::span<const Lit> lit, Universes& levels);

/// How a lamp is lit by channels that arrived; dark where there are too few.
[[nodiscard]] Lit lit_of(const Fixture& fixture, std::span<const std::uint8_t> levels);

} // namespace pulsepin
