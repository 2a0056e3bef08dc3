// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/swing.h"

#include "dsp/smoothing.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

std::optional<double> swing_ratio(std::span<const Onset> onsets, const BeatGrid& grid) {
    constexpr double earliest = 0.40,
                     latest = 0.80; // where the second eighth may lie, as a share of the beat
    constexpr std::size_t too_few = 8;
    std::vector<float> places;
    const auto& beats = grid.beats();
    auto onset = onsets.begin();
    for (std::size_t i = 0; i + 1 < beats.size(); ++i) {
        const double start = beats[i].time.value, step = beats[i + 1].time.value - start;
        while (onset != onsets.end() && onset->time.value < start + earliest * step)
            ++onset;
        const Onset* strongest = nullptr;
        std::size_t count = 0;
        for (auto k = onset; k != onsets.end() && k->time.value < start + latest * step; ++k) {
            ++count;
            if (!strongest || k->strength > strongest->strength)
                strongest = &*k;
        }
        if (strongest && count == 1) // sixteenths and fills tell nothing
            places.push_back(static_cast<float>((strongest->time.value - start) / step));
    }
    if (places.size() < too_few || 8 * places.size() < beats.size())
        return std::nullopt;
    const float middle = percentile(places, 0.5);
    const auto close =
        std::count_if(places.begin(), places.end(), [&](float p) { return std::abs(p - middle) < 0.05f; });
    if (2 * static_cast<std::size_t>(close) < places.size())
        return std::nullopt;
    double sum = 0;
    for (const float p : places)
        if (std::abs(p - middle) < 0.05f)
            sum += static_cast<double>(p) / static_cast<double>(close);
    return sum / (1 - sum);
}

} // namespace pulsepin
