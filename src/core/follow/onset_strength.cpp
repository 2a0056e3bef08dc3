// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/onset_strength.h"

#include "analysis/analyze.h"
#include "analysis/onsets.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

Result<LevelTrack> measure_onset_strength(const SampleStore& sound, std::string_view function,
                                          std::optional<std::pair<double, double>> band,
                                          const Progress& progress) {
    const bool needs_network = function == "full" && !band;
    auto features = extract_features(sound, {needs_network, false}, progress);
    if (!features)
        return tl::unexpected(features.error());
    const OnsetFinder finder(features->features, function, band);
    const DetectionCurve& curve = finder.curve();
    const float highest =
        curve.values.empty() ? 0 : *std::max_element(curve.values.begin(), curve.values.end());
    LevelTrack track{curve.rate, {}};
    // The curve's first value lies at curve.first, the track's at 0.
    const double late = curve.first.value * curve.rate;
    const auto count = static_cast<std::size_t>(std::max(0.0, sound.duration().value * curve.rate)) + 1;
    track.values.reserve(count);
    for (std::size_t i = 0; i < count && highest > 0; ++i) {
        const double place = static_cast<double>(i) - late;
        const auto before = static_cast<std::ptrdiff_t>(std::floor(place));
        const auto value = [&](std::ptrdiff_t at) {
            return at < 0 || at >= std::ssize(curve.values) ? 0.0f
                                                            : curve.values[static_cast<std::size_t>(at)];
        };
        const float between = value(before) + (value(before + 1) - value(before)) *
                                                  static_cast<float>(place - std::floor(place));
        track.values.push_back(std::max(0.0f, between / highest));
    }
    return track;
}

} // namespace pulsepin
