// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/level_track.h"

namespace pulsepin {

/// How strongly something starts at every moment: the detection function itself that onsets are found in
/// (analysis/onsets.h), 1 at its highest; 0 where it is below its lowest. With a band the rise between its
/// limits. Fails only when cancelled.
[[nodiscard]] Result<LevelTrack> measure_onset_strength(const SampleStore& sound, std::string_view function,
                                                        std::optional<std::pair<double, double>> band,
                                                        const Progress& progress = {});

} // namespace pulsepin
