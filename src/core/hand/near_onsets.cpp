// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/near_onsets.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

std::span<const FoundOnset> onsets_between(std::span<const FoundOnset> onsets, Seconds from, Seconds until) {
    const auto before = [](const FoundOnset& o, Seconds t) { return o.time < t; };
    const auto first = std::lower_bound(onsets.begin(), onsets.end(), from, before);
    const auto last = std::lower_bound(first, onsets.end(), until, before);
    return onsets.subspan(static_cast<std::size_t>(first - onsets.begin()),
                          static_cast<std::size_t>(last - first));
}

double closeness(Seconds distance) {
    const double d = distance / closeness_width;
    return std::exp(-0.5 * d * d);
}

const FoundOnset* best_onset(std::span<const FoundOnset> onsets, Seconds time, Seconds reach) {
    const FoundOnset* best = nullptr;
    double most = 0;
    for (const auto& onset : onsets_between(onsets, time - reach, time + reach)) {
        const double value = (0.1 + static_cast<double>(onset.strength)) * closeness(onset.time - time);
        if (value > most) {
            most = value;
            best = &onset;
        }
    }
    return best;
}

std::int64_t beats_that_fit(Seconds from, Seconds until, Seconds usual, std::span<const FoundOnset> onsets) {
    const double length = (until - from) / usual;
    const auto fewest = std::max<std::int64_t>(1, static_cast<std::int64_t>(std::floor(length * 0.7)));
    const auto most = std::max(fewest, static_cast<std::int64_t>(std::ceil(length * 1.4)));
    std::int64_t best = std::max<std::int64_t>(1, std::llround(length));
    double best_value = -1e9;
    for (auto n = fewest; n <= most; ++n) {
        const Seconds step = (until - from) / static_cast<double>(n);
        double met = 0;
        for (std::int64_t k = 1; k < n; ++k) {
            const Seconds time = from + step * static_cast<double>(k);
            if (const auto* onset = best_onset(onsets, time, near_enough))
                met += closeness(onset->time - time) * std::sqrt(static_cast<double>(onset->strength));
        }
        const double octaves = std::log2(step / usual);
        const double value =
            met / static_cast<double>(std::max<std::int64_t>(n - 1, 1)) - 8 * octaves * octaves;
        if (value > best_value) {
            best_value = value;
            best = n;
        }
    }
    return best;
}

} // namespace pulsepin
