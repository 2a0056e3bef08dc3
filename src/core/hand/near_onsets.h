// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/listened.h"
#include "model/project.h"

#include <span>

namespace pulsepin {

/// Onsets further from a beat than that say nothing about it.
inline constexpr Seconds near_enough{0.08};

/// The deviation of the bell (normal) that says how close an onset is.
inline constexpr Seconds closeness_width{0.025};

/// Those in [from, until].
[[nodiscard]] std::span<const FoundOnset> onsets_between(std::span<const FoundOnset> onsets, Seconds from,
                                                         Seconds until);
/// How much an onset at that distance speaks for a beat: 1 upon it, .6 at 25 ms.
[[nodiscard]] double closeness(Seconds distance);
/// The one that speaks most for a beat at that time; null: none is within reach.
[[nodiscard]] const FoundOnset* best_onset(std::span<const FoundOnset> onsets, Seconds time, Seconds reach);

/// How many beats fit best between two times: equal steps that meet strong onsets, near the usual length of a
/// beat.
[[nodiscard]] std::int64_t beats_that_fit(Seconds from, Seconds until, Seconds usual,
                                          std::span<const FoundOnset> onsets);

} // namespace pulsepin
