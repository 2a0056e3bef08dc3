// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/onsets.h"
#include "time/beat_grid.h"

#include <optional>

namespace pulsepin {

/// How long the first eighth of a beat is against the second: 1 is straight, 2 a full triplet swing. Absent
/// where too few beats are divided, or where they are divided in no one way.
[[nodiscard]] std::optional<double> swing_ratio(std::span<const Onset> onsets, const BeatGrid& grid);

} // namespace pulsepin
