// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/onsets.h"

namespace pulsepin {

struct Likeness {
    Seconds time;
    float likeness = 0; ///< 0 to 1: cosine of how the two sounds rise, band by band over 60 ms
    float strength = 0;
    friend bool operator==(const Likeness&, const Likeness&) = default;
};

/// Every onset of the song with its likeness to the onsets between two times (to the one nearest to `from`
/// when none lies between), in rising order of time. Empty when the song has none.
[[nodiscard]] std::vector<Likeness> likeness_to(const Features& features, Seconds from, Seconds until);

/// Those at least that much alike, as onsets.
[[nodiscard]] std::vector<Onset> alike(const std::vector<Likeness>& all, float least_likeness);

} // namespace pulsepin
