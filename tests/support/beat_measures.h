// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>
#include <vector>

namespace pulsepin::test {

struct BeatMeasures {
    double f = 0;           ///< F-measure, hits within the window (MIREX practice: 70 ms)
    double mean_offset = 0; ///< seconds, of the hits; positive is late
    double worst_offset = 0;
};

/// Each true beat is matched with the nearest found one that is not taken.
inline BeatMeasures measure_beats(const std::vector<double>& truth, const std::vector<double>& found,
                                  double window = 0.07) {
    std::vector<bool> taken(found.size(), false);
    int hits = 0;
    double sum = 0, worst = 0;
    for (const double beat : truth) {
        int best = -1;
        for (std::size_t i = 0; i < found.size(); ++i)
            if (!taken[i] && std::abs(found[i] - beat) <= window &&
                (best < 0 ||
                 std::abs(found[i] - beat) < std::abs(found[static_cast<std::size_t>(best)] - beat)))
                best = static_cast<int>(i);
        if (best < 0)
            continue;
        taken[static_cast<std::size_t>(best)] = true;
        const double offset = found[static_cast<std::size_t>(best)] - beat;
        ++hits;
        sum += offset;
        worst = std::max(worst, std::abs(offset));
    }
    const auto all = static_cast<double>(truth.size() + found.size());
    return {all > 0 ? 2 * hits / all : 1, hits > 0 ? sum / hits : 0, worst};
}

} // namespace pulsepin::test
