// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/onsets.h"

namespace pulsepin {

struct Similarity {
    Seconds time;
    float similarity = 0; ///< 0 to 1: cosine of how the two sounds rise, band by band over 60 ms
    float strength = 0;
    friend bool operator==(const Similarity&, const Similarity&) = default;
};

/// Every onset of the song with its similarity to the onsets between two times (to the one nearest to `from`
/// when none lies between), in rising order of time. Empty when the song has none.
[[nodiscard]] std::vector<Similarity> similarity_to(const Features& features, Seconds from, Seconds until);

/// Those at least that much alike, as onsets.
[[nodiscard]] std::vector<Onset> similar_onsets(const std::vector<Similarity>& all, float least_similarity);

} // namespace pulsepin
