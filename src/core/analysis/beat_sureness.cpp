// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/beat_sureness.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr std::ptrdiff_t around = 2; // beats to either side that a beat is judged with

double log_odds_of(double probability) {
    const double p = std::clamp(probability, 0.01, 0.99);
    return std::log(p / (1 - p));
}

/// The most that the network hears of a beat within 30 ms.
double heard_at(const std::vector<float>& log_odds, double time) {
    constexpr std::ptrdiff_t reach = 3;
    const auto centre = std::lround(time * Features::slow_rate);
    float most = -6;
    for (std::ptrdiff_t i = std::max<std::ptrdiff_t>(0, centre - reach);
         i <= std::min(centre + reach, std::ssize(log_odds) - 1); ++i)
        most = std::max(most, log_odds[static_cast<std::size_t>(i)]);
    return std::min(4.0, static_cast<double>(most));
}

/// The mean of values [i - around, i + until], as far as there are any.
double mean_around(const std::vector<double>& values, std::ptrdiff_t i, std::ptrdiff_t until) {
    double sum = 0;
    int count = 0;
    for (auto k = std::max<std::ptrdiff_t>(0, i - around); k <= std::min(i + until, std::ssize(values) - 1);
         ++k) {
        sum += values[static_cast<std::size_t>(k)];
        ++count;
    }
    return count > 0 ? sum / count : 0;
}

double mean_of(const std::vector<double>& values) {
    double sum = 0;
    for (const double v : values)
        sum += v;
    return values.empty() ? 0 : sum / static_cast<double>(values.size());
}

} // namespace

float sureness_of(const std::vector<ScoredGrid>& grids) {
    double same = 0, all = 0;
    const auto& best = grids.front().beats;
    for (const auto& grid : grids) {
        const double share = std::exp(grid.score - grids.front().score);
        std::size_t hits = 0, k = 0;
        for (const double beat : grid.beats) {
            while (k < best.size() && best[k] < beat - 5)
                ++k;
            hits += k < best.size() && best[k] <= beat + 5;
        }
        all += share;
        same += share * 2 * static_cast<double>(hits) / static_cast<double>(best.size() + grid.beats.size());
    }
    return static_cast<float>(same / all);
}

float off_beat_of(const std::vector<ScoredGrid>& grids) {
    const auto& best = grids.front().beats;
    const double period = period_of(best);
    double likeliest = 0;
    for (const auto& grid : grids) {
        if (std::abs(period_of(grid.beats) / period - 1) > 0.04)
            continue;
        std::size_t between = 0, k = 0;
        for (const double beat : grid.beats) {
            while (k + 1 < best.size() && best[k + 1] <= beat)
                ++k;
            if (k + 1 >= best.size() || beat < best[k])
                continue;
            const double place = (beat - best[k]) / (best[k + 1] - best[k]);
            between += place > 0.35 && place < 0.65;
        }
        if (static_cast<double>(between) > 0.7 * static_cast<double>(grid.beats.size()))
            likeliest = std::max(likeliest, std::exp(grid.score - grids.front().score));
    }
    return static_cast<float>(likeliest / (1 + likeliest));
}

std::vector<BeatSigns> beat_signs(const Features& features, const std::vector<ScoredGrid>& grids,
                                  const RefinedBeats& beats) {
    const auto& heard = features.activations[Activation::Beat];
    std::vector<double> on, half, third, lengths;
    for (std::size_t i = 0; i < beats.times.size(); ++i) {
        const double time = beats.times[i].value;
        on.push_back(heard_at(heard, time));
        if (i + 1 == beats.times.size())
            break;
        const double length = beats.times[i + 1].value - time;
        half.push_back(heard_at(heard, time + length / 2));
        third.push_back(std::max(heard_at(heard, time + length / 3), heard_at(heard, time + 2 * length / 3)));
        lengths.push_back(length);
    }
    std::vector<double> sorted = lengths;
    std::sort(sorted.begin(), sorted.end());
    const double usual = sorted.empty() ? 1 : sorted[sorted.size() / 2];
    std::vector<double> uneven;
    for (const double length : lengths)
        uneven.push_back(std::min(0.5, std::abs(std::log(length / usual))));
    const double song_on = mean_of(on), song_half = mean_of(half);
    const double sure = log_odds_of(static_cast<double>(sureness_of(grids)));
    const double pulse = log_odds_of(grids.front().pulse);
    std::vector<BeatSigns> signs;
    for (std::ptrdiff_t i = 0; i < std::ssize(on); ++i) {
        const double here = mean_around(on, i, around), between = mean_around(half, i, around - 1);
        signs.push_back({here, on[static_cast<std::size_t>(i)], between, mean_around(third, i, around - 1),
                         song_on, song_half, sure,
                         static_cast<double>(beats.confidence[static_cast<std::size_t>(i)]),
                         mean_around(uneven, i, around - 1), std::max(0.0, between - here), pulse});
    }
    return signs;
}

std::vector<float> beat_confidence(const Features& features, const std::vector<ScoredGrid>& grids,
                                   const RefinedBeats& beats) {
    std::vector<float> confidence;
    if (features.activations[Activation::Beat].empty()) {
        const auto sure = static_cast<float>(grids.front().pulse) * sureness_of(grids);
        for (const float clear : beats.confidence)
            confidence.push_back(std::clamp(clear * sure, 0.0f, 1.0f));
        return confidence;
    }
    const BeatWeights& weights = beat_weights();
    for (const auto& signs : beat_signs(features, grids, beats)) {
        double sum = weights.bias;
        for (std::size_t k = 0; k < beat_sign_count; ++k)
            sum += weights.signs[k] * signs[k];
        confidence.push_back(static_cast<float>(1 / (1 + std::exp(-sum))));
    }
    return confidence;
}

} // namespace pulsepin
