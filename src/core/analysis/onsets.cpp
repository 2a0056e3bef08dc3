// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/onsets.h"

#include "dsp/smoothing.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

/// The least that any setting asks for: peaks below are not even kept.
float least_of_all(const DetectionCurve& curve) {
    return curve.per_sensitivity > 0 ? curve.least - curve.per_sensitivity / 2 : curve.least / 4;
}

float least_at(const DetectionCurve& curve, double sensitivity) {
    const auto from_middle = static_cast<float>(0.5 - std::clamp(sensitivity, 0.0, 1.0));
    return curve.per_sensitivity > 0 ? curve.least + curve.per_sensitivity * from_middle
                                     : curve.least * std::exp2(4 * from_middle);
}

DetectionCurve band_of_ones_own(const Features& f, std::pair<double, double> hz) {
    DetectionCurve curve{.values = {},
                         .rate = Features::slow_rate,
                         .first = Seconds(Features::slow_time(0)),
                         .least = 0.04f,
                         .reach = Seconds(0.02)};
    std::vector<std::size_t> bands;
    std::size_t nearest = 0;
    for (std::size_t b = 0; b < Features::rise_bands; ++b) {
        const double centre = Features::rise_band_hz(b);
        if (centre >= hz.first && centre <= hz.second)
            bands.push_back(b);
        if (std::abs(std::log(centre / std::max(hz.first, 1.0))) <
            std::abs(std::log(Features::rise_band_hz(nearest) / std::max(hz.first, 1.0))))
            nearest = b;
    }
    if (bands.empty())
        bands.push_back(nearest);
    for (std::size_t t = 0; t < f.rises.frames(); ++t) {
        const auto frame = f.rises.frame(t);
        std::size_t sum = 0;
        for (const std::size_t b : bands)
            sum += frame[b];
        curve.values.push_back(f.rises.step * static_cast<float>(sum) / static_cast<float>(bands.size()));
    }
    return curve;
}

} // namespace

std::vector<OnsetFinder::Peak> OnsetFinder::peaks_of(const Features& f, const DetectionCurve& curve,
                                                     const std::vector<float>& strength) {
    std::vector<Peak> peaks;
    const auto& values = curve.values;
    const auto n = static_cast<std::ptrdiff_t>(values.size());
    if (n < 3 || f.silent)
        return {};
    const auto frames = [&](double seconds) {
        return static_cast<std::ptrdiff_t>(std::lround(seconds * curve.rate));
    };
    const std::ptrdiff_t reach = std::max<std::ptrdiff_t>(1, frames(curve.reach.value));
    const std::ptrdiff_t past = frames(0.1), future = frames(0.05), wide = frames(0.5);
    const float least = least_of_all(curve);
    std::vector<double> sums(values.size() + 1, 0.0);
    for (std::size_t i = 0; i < values.size(); ++i)
        sums[i + 1] = sums[i] + static_cast<double>(values[i]);
    const std::span sounding(strength.data() + f.sounds_from, f.sounds_until - f.sounds_from);
    const float strongest = std::max(percentile(sounding, 0.995), 1e-6f);

    for (std::ptrdiff_t t = 0; t < n; ++t) {
        const float here = values[static_cast<std::size_t>(t)];
        float height = here;
        if (curve.above_surroundings) {
            const auto from = std::max<std::ptrdiff_t>(t - past, 0);
            const auto until = std::min<std::ptrdiff_t>(t + future + 1, n);
            height -= static_cast<float>(
                (sums[static_cast<std::size_t>(until)] - sums[static_cast<std::size_t>(from)]) /
                static_cast<double>(until - from));
        }
        if (height < least)
            continue;
        if (curve.times_surroundings > 0) {
            const auto from = std::max<std::ptrdiff_t>(t - wide, 0),
                       until = std::min<std::ptrdiff_t>(t + wide + 1, n);
            const double mean =
                (sums[static_cast<std::size_t>(until)] - sums[static_cast<std::size_t>(from)]) /
                static_cast<double>(until - from);
            if (static_cast<double>(here) < static_cast<double>(curve.times_surroundings) * mean)
                continue;
        }
        const auto low = values.begin() + std::max<std::ptrdiff_t>(t - reach, 0);
        const auto high = values.begin() + std::min<std::ptrdiff_t>(t + reach + 1, n);
        if (std::max_element(low, high) - values.begin() != t)
            continue;
        const double before =
            static_cast<double>(values[static_cast<std::size_t>(std::max<std::ptrdiff_t>(t - 1, 0))]);
        const double after = static_cast<double>(values[static_cast<std::size_t>(std::min(t + 1, n - 1))]);
        const double place = static_cast<double>(t) + parabola_peak(before, static_cast<double>(here), after);
        Seconds time = Seconds(std::max(0.0, curve.first.value + place / curve.rate));
        float strong = 0;
        const auto slow = static_cast<std::ptrdiff_t>(std::lround(Features::slow_index(time)));
        for (auto i = std::max<std::ptrdiff_t>(slow - 2, 0);
             i < std::min<std::ptrdiff_t>(slow + 3, static_cast<std::ptrdiff_t>(strength.size())); ++i)
            strong = std::max(strong, strength[static_cast<std::size_t>(i)]);
        if (curve.to_the_attack)
            time = attack_start(f, time);
        if (!peaks.empty())
            time = std::max(time, peaks.back().time);
        peaks.push_back({time, height, std::clamp(strong / strongest, 0.0f, 1.0f)});
    }
    return peaks;
}

OnsetFinder::OnsetFinder(const Features& f, std::string_view id,
                         std::optional<std::pair<double, double>> own_band) {
    const OnsetFunction* function = onset_function(id);
    if (!function)
        function = &onset_functions().front();
    curve_ = own_band ? band_of_ones_own(f, *own_band) : function->curve(f);
    const auto strength = own_band ? curve_.values : function->strength(f);
    peaks_ = peaks_of(f, curve_, strength);
    constexpr Seconds alone(0.5);
    const float clear = least_at(curve_, 0.5);
    std::vector<Seconds> told;
    for (const auto& peak : peaks_)
        if (peak.height >= clear)
            told.push_back(peak.time);
    for (const auto& other : curve_.elsewhere) {
        for (auto& peak : peaks_of(f, other, strength)) {
            const auto near = std::lower_bound(told.begin(), told.end(), peak.time - alone);
            if (near != told.end() && *near <= peak.time + alone)
                continue;
            peak.height = clear + std::log2(peak.height / least_at(other, 0.5)); // on this curve's scale
            peaks_.push_back(peak);
        }
        std::stable_sort(peaks_.begin(), peaks_.end(),
                         [](const Peak& a, const Peak& b) { return a.time < b.time; });
    }
}

std::vector<Onset> OnsetFinder::find(const OnsetSettings& settings) const {
    const float least = least_at(curve_, settings.sensitivity);
    const auto weakest = static_cast<float>(settings.least_strength);
    std::vector<Onset> onsets;
    float last_height = 0;
    for (const auto& peak : peaks_) {
        if (peak.height < least || peak.strength < weakest)
            continue;
        if (!onsets.empty() && peak.time - onsets.back().time < settings.smallest_gap) {
            // Of two that are too close, the clearer one stays.
            if (peak.height > last_height) {
                onsets.back() = {peak.time, peak.strength};
                last_height = peak.height;
            }
            continue;
        }
        onsets.push_back({peak.time, peak.strength});
        last_height = peak.height;
    }
    return onsets;
}

std::vector<Onset> find_onsets(const Features& features, const OnsetSettings& settings) {
    return OnsetFinder(features, settings.function, settings.own_band).find(settings);
}

} // namespace pulsepin
