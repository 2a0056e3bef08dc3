// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/onsets.h"

#include "dsp/smoothing.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

std::vector<Onset> find_onsets(const Features& features, const OnsetSettings& settings) {
    const auto& flux = features.flux;
    const auto n = static_cast<std::ptrdiff_t>(flux.size());
    if (n < 3 || features.silent)
        return {};
    constexpr std::ptrdiff_t reach = 3, past = 20, future = 10; // frames of 5 ms
    // 0.010 at the middle of the slider, a factor of four either way at its ends.
    const float threshold = 0.010f * static_cast<float>(std::exp2(4 * (0.5 - settings.sensitivity)));
    std::vector<double> sums(flux.size() + 1, 0.0);
    for (std::size_t i = 0; i < flux.size(); ++i)
        sums[i + 1] = sums[i] + static_cast<double>(flux[i]);

    std::vector<Onset> onsets;
    float strongest = 0;
    for (std::ptrdiff_t t = 0; t < n; ++t) {
        const float here = flux[static_cast<std::size_t>(t)];
        const auto from = std::max<std::ptrdiff_t>(t - past, 0);
        const auto until = std::min<std::ptrdiff_t>(t + future + 1, n);
        const auto mean = static_cast<float>(
            (sums[static_cast<std::size_t>(until)] - sums[static_cast<std::size_t>(from)]) /
            static_cast<double>(until - from));
        if (here < mean + threshold)
            continue;
        const auto low = flux.begin() + std::max<std::ptrdiff_t>(t - reach, 0);
        const auto high = flux.begin() + std::min<std::ptrdiff_t>(t + reach + 1, n);
        if (*std::max_element(low, high) > here)
            continue;
        const double before = t > 0 ? static_cast<double>(flux[static_cast<std::size_t>(t - 1)]) : 0.0;
        const double after = t + 1 < n ? static_cast<double>(flux[static_cast<std::size_t>(t + 1)]) : 0.0;
        const double place = static_cast<double>(t) + parabola_peak(before, static_cast<double>(here), after);
        const Seconds time = attack_start(features, Seconds(std::max(0.0, Features::fast_time(place))));
        if (!onsets.empty() && time - onsets.back().time < settings.smallest_gap)
            continue;
        onsets.push_back({time, here});
        strongest = std::max(strongest, here);
    }
    for (auto& onset : onsets)
        onset.strength /= strongest;
    return onsets;
}

} // namespace pulsepin
