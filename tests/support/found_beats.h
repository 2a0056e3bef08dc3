// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/analyze.h"

#include <vector>

namespace pulsepin::test {

/// The times of the beats that were found; none without a grid.
inline std::vector<double> beats_of(const Analysis& analysis) {
    std::vector<double> beats;
    if (analysis.grid)
        for (const auto& beat : analysis.grid->beats())
            beats.push_back(beat.time.value);
    return beats;
}

inline std::vector<double> downbeats_of(const Analysis& analysis) {
    std::vector<double> out;
    if (!analysis.grid)
        return out;
    auto number = analysis.grid->first_beat();
    for (const auto& beat : analysis.grid->beats())
        if (analysis.grid->is_downbeat(number++))
            out.push_back(beat.time.value);
    return out;
}

} // namespace pulsepin::test
