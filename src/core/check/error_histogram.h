// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "check/sync_report.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

/// How often pins lie how far from their places: bars of equal width within the limit on either side, and the
/// errors beyond it one by one.
struct ErrorHistogram {
    Seconds limit;
    std::vector<int> bars; ///< from -limit to +limit
    std::vector<Seconds> beyond;
    int most = 0; ///< of a bar
    std::size_t count = 0;
};

[[nodiscard]] inline ErrorHistogram error_histogram(const std::vector<SyncRow>& rows, Seconds limit,
                                                    int bars = 15) {
    ErrorHistogram histogram{
        limit, std::vector<int>(static_cast<std::size_t>(std::max(1, bars)), 0), {}, 0, 0};
    for (const auto& row : rows) {
        if (!row.meant)
            continue;
        ++histogram.count;
        const double share = limit > Seconds(0) ? row.error() / limit : 2;
        if (std::abs(share) > 1 + 1e-6) {
            histogram.beyond.push_back(row.error());
            continue;
        }
        const auto at = static_cast<std::size_t>(
            std::clamp<int>(static_cast<int>(std::floor((share + 1) / 2 * bars)), 0, bars - 1));
        histogram.most = std::max(histogram.most, ++histogram.bars[at]);
    }
    return histogram;
}

} // namespace pulsepin
