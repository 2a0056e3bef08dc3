// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/features.h"

namespace pulsepin {

struct Onset {
    Seconds time;
    float strength = 0; ///< 0 to 1, relative to the strongest of the song
    friend bool operator==(const Onset&, const Onset&) = default;
};

struct OnsetSettings {
    double sensitivity = 0.5; ///< 0 finds only the clearest, 1 nearly anything that rises
    Seconds smallest_gap{0.03};
};

/// Peaks of the flux that stand above their surroundings, in rising order, each refined between frames.
[[nodiscard]] std::vector<Onset> find_onsets(const Features& features, const OnsetSettings& settings = {});

} // namespace pulsepin
