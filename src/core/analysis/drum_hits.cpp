// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/drum_hits.h"

#include <algorithm>
#include <cmath>
#include <optional>

namespace pulsepin {
namespace {

constexpr std::ptrdiff_t reach = 2; // frames to either side that a peak is the largest of
constexpr float least_odds = -3;    // less is no peak at all
constexpr double bound = 4;         // log odds of what else is heard count no further

double probability_of(double log_odds) {
    return 1 / (1 + std::exp(-log_odds));
}

struct Peak {
    std::size_t frame;
    double log_odds, probability;
};

std::vector<Peak> peaks_of(const std::vector<float>& odds) {
    std::vector<Peak> peaks;
    const auto n = std::ssize(odds);
    for (std::ptrdiff_t t = 0; t < n; ++t) {
        const float here = odds[static_cast<std::size_t>(t)];
        if (here < least_odds)
            continue;
        const auto begin = odds.begin();
        const auto before = begin + std::max<std::ptrdiff_t>(t - reach, 0), at = begin + t;
        const auto after = begin + std::min(t + reach + 1, n);
        // The first of several that are as large.
        if (std::any_of(before, at, [&](float v) { return v >= here; }) ||
            std::any_of(at + 1, after, [&](float v) { return v > here; }))
            continue;
        peaks.push_back({static_cast<std::size_t>(t), static_cast<double>(here),
                         probability_of(static_cast<double>(here))});
    }
    return peaks;
}

/// The largest of [frame - far, frame + far], as far as there are any.
template <class Values>
double most_near(const Values& values, std::ptrdiff_t frame, std::ptrdiff_t far) {
    const auto n = std::ssize(values);
    const auto from = std::clamp<std::ptrdiff_t>(frame - far, 0, n),
               until = std::clamp<std::ptrdiff_t>(frame + far + 1, 0, n);
    return from < until
               ? static_cast<double>(*std::max_element(values.begin() + from, values.begin() + until))
               : static_cast<double>(least_odds);
}

struct Repetition {
    std::ptrdiff_t lag = 0; ///< frames; 0: none
    double strength = 0;    ///< of the hits at that distance, against the hits themselves
};

/// The distance, from 0.6 to 5 s, at which kicks, snares and hats come again most alike.
Repetition repetition_of(const std::array<std::vector<Peak>, 3>& patterns) {
    constexpr std::size_t shortest = 60, longest = 500;
    std::vector<double> histogram(longest + 2, 0.0);
    double all = 1e-6;
    for (const auto& peaks : patterns)
        for (std::size_t i = 0; i < peaks.size(); ++i) {
            all += peaks[i].probability * peaks[i].probability;
            for (std::size_t k = i + 1; k < peaks.size() && peaks[k].frame - peaks[i].frame <= longest + 1;
                 ++k)
                histogram[peaks[k].frame - peaks[i].frame] += peaks[i].probability * peaks[k].probability;
        }
    Repetition best;
    for (std::size_t lag = shortest; lag <= longest; ++lag) {
        const double strength = (histogram[lag - 1] + histogram[lag] + histogram[lag + 1]) / all;
        if (strength > best.strength)
            best = {static_cast<std::ptrdiff_t>(lag), std::min(1.0, strength)};
    }
    return best;
}

/// How much each band rises at a peak, as a vector of length 1.
using Colour = std::array<float, Features::rise_bands>;

Colour colour_at(const ByteFrames& rises, std::size_t frame) {
    Colour colour{};
    for (std::size_t t = frame - std::min<std::size_t>(frame, 1); t < std::min(frame + 3, rises.frames());
         ++t)
        for (std::size_t band = 0; band < colour.size(); ++band)
            colour[band] = std::max(colour[band], static_cast<float>(rises.frame(t)[band]));
    float length = 1e-3f;
    for (const float v : colour)
        length += v * v;
    for (float& v : colour)
        v /= std::sqrt(length);
    return colour;
}

/// The cosine of two colours.
float likeness(const Colour& a, const Colour& b) {
    std::array<float, 4> sums{}; // side by side, so that they are computed together
    for (std::size_t band = 0; band < a.size(); band += sums.size())
        for (std::size_t lane = 0; lane < sums.size(); ++lane)
            sums[lane] += a[band + lane] * b[band + lane];
    return sums[0] + sums[1] + sums[2] + sums[3];
}

/// Of each peak the mean log odds of those that sound like it: what one stroke leaves open, many of the same
/// drum tell. At most so many are looked at, evenly over the song.
std::vector<double> told_by_the_like(const ByteFrames& rises, const std::vector<Peak>& peaks) {
    static_assert(Features::rise_bands % 4 == 0);
    constexpr std::size_t most = 200;
    constexpr float width = 0.03f; // of the cosine
    const std::size_t step = peaks.size() / most + 1;
    std::vector<Colour> colours;
    for (const Peak& peak : peaks)
        colours.push_back(colour_at(rises, peak.frame));
    std::vector<double> told;
    for (std::size_t i = 0; i < peaks.size(); ++i) {
        double sum = peaks[i].log_odds, all = 1;
        for (std::size_t k = 0; k < peaks.size(); k += step) {
            const float alike = likeness(colours[i], colours[k]);
            if (alike < 1 - 4 * width || k == i)
                continue;
            const double weight = std::exp(static_cast<double>((alike - 1) / width));
            sum += weight * peaks[k].log_odds;
            all += weight;
        }
        told.push_back(sum / all);
    }
    return told;
}

/// How likely there are hits where the pattern would have them again, up to two times before and after; none
/// where that lies outside of the song.
std::optional<double> repeated_around(const std::vector<float>& odds, std::ptrdiff_t at, std::ptrdiff_t lag) {
    constexpr std::ptrdiff_t far = 3; // frames; players are not exact
    double sum = 0;
    int places = 0;
    for (const std::ptrdiff_t times : {-2, -1, 1, 2}) {
        const auto place = at + times * lag;
        if (lag == 0 || place < 0 || place >= std::ssize(odds))
            continue;
        sum += probability_of(most_near(odds, place, far));
        ++places;
    }
    return places > 0 ? std::optional(sum / places) : std::nullopt;
}

} // namespace

std::vector<PossibleHit> possible_hits(const Features& features, Drum drum) {
    if (features.drums.empty())
        return {};
    const auto own = static_cast<std::size_t>(drum);
    const auto odds = features.drums.log_odds(drum);
    std::array<std::vector<Peak>, 3> patterns; // kick, snare, hat
    for (std::size_t i = 0; i < patterns.size(); ++i)
        patterns[i] = peaks_of(i == own ? odds : features.drums.log_odds(static_cast<Drum>(i)));
    const auto peaks = own < patterns.size() ? patterns[own] : peaks_of(odds);
    const Repetition repetition = repetition_of(patterns);
    double expected = 0, squares = 0;
    for (const Peak& peak : peaks) {
        expected += peak.probability;
        squares += peak.probability * peak.probability;
    }
    const double clearness = squares / std::max(expected, 1e-6);
    const double seconds = std::max(1.0, static_cast<double>(features.sounds_until - features.sounds_from) /
                                             Features::slow_rate);
    const auto& onset = features.activations[Activation::Onset];
    const auto by_like = told_by_the_like(features.rises, peaks);

    std::vector<PossibleHit> hits;
    for (std::size_t i = 0; i < peaks.size(); ++i) {
        const Peak& peak = peaks[i];
        const auto at = static_cast<std::ptrdiff_t>(peak.frame);
        HitSigns signs{};
        std::size_t sign = 0;
        for (std::size_t other = 0; other < drum_count; ++other)
            signs[sign++] =
                other == own
                    ? peak.log_odds
                    : std::clamp(most_near(features.drums.sixteenths[other], at, reach) / 16, -bound, bound);
        signs[sign++] = by_like[i];
        const double repeated = repeated_around(odds, at, repetition.lag).value_or(clearness);
        signs[sign++] = clearness;
        signs[sign++] = std::log1p(expected / seconds);
        signs[sign++] = repeated;
        signs[sign++] = repeated * repetition.strength;
        signs[sign++] = peak.log_odds * clearness;
        signs[sign++] = std::clamp(most_near(onset, at, reach), -bound, bound);
        for (const auto& band : features.bands)
            signs[sign++] = std::log1p(std::max(0.0, most_near(band, at, reach)));
        hits.push_back({peak.frame, signs});
    }
    return hits;
}

double likely_enough(std::vector<double> probabilities) {
    std::sort(probabilities.begin(), probabilities.end(), std::greater<>());
    double all = 0, sum = 0, best = 0, threshold = 2;
    for (const double p : probabilities)
        all += p;
    for (std::size_t i = 0; i < probabilities.size(); ++i) {
        sum += probabilities[i];
        const double expected = 2 * sum / (static_cast<double>(i + 1) + all);
        if (expected > best) {
            best = expected;
            threshold = probabilities[i];
        }
    }
    constexpr double least = 0.15; // expected where a drum plays
    return best < least ? 2 : threshold;
}

std::vector<float> weighed_hits(const Features& features, Drum drum) {
    const auto odds = features.drums.log_odds(drum);
    const auto hits = possible_hits(features, drum);
    const auto& weights = hit_weights(drum);
    std::vector<double> told, probabilities;
    for (const auto& hit : hits) {
        double sum = weights.bias;
        for (std::size_t i = 0; i < hit_sign_count; ++i)
            sum += weights.signs[i] * hit.signs[i];
        told.push_back(sum);
        probabilities.push_back(probability_of(sum));
    }
    const double enough = std::clamp(likely_enough(std::move(probabilities)), 1e-4, 1 - 1e-4);
    const double least = std::log(enough / (1 - enough)) - 1e-4;
    // Around a peak all moves as the peak does; in between there is nothing, however sure the nearest one is.
    constexpr float nothing = -4, far_from_all = -1000;
    std::vector<float> weighed(odds.size(), far_from_all);
    for (std::size_t i = 0; i < hits.size(); ++i) {
        const auto at = static_cast<std::ptrdiff_t>(hits[i].frame);
        const auto until = std::min(at + reach + 1, std::ssize(odds));
        const auto moved =
            static_cast<float>(told[i] - hits[i].signs[static_cast<std::size_t>(drum)] - least);
        for (auto t = static_cast<std::size_t>(std::max<std::ptrdiff_t>(at - reach, 0));
             static_cast<std::ptrdiff_t>(t) < until; ++t)
            weighed[t] = std::max(weighed[t], odds[t] + moved);
    }
    for (std::size_t t = 0; t < odds.size(); ++t)
        if (weighed[t] == far_from_all)
            weighed[t] = std::min(odds[t], nothing);
    return weighed;
}

} // namespace pulsepin
