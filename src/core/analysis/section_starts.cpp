// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/section_starts.h"

#include "dsp/smoothing.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr int wide_reach = 32, narrow_reach = 8; // moments

/// Values of a curve as shares of the highest of the song.
class Shares {
public:
    explicit Shares(std::vector<float> curve)
        : curve_(std::move(curve)), highest_(std::max(percentile(curve_, 0.98), 1e-6f)) {}
    [[nodiscard]] double at(std::size_t i) const {
        return std::min(1.5, static_cast<double>(curve_[i] / highest_));
    }
    /// 1 where nothing within `reach` lies higher.
    [[nodiscard]] double tops(std::size_t i, std::size_t reach) const {
        const std::size_t from = i > reach ? i - reach : 0, until = std::min(curve_.size(), i + reach + 1);
        const float most = *std::max_element(curve_.begin() + static_cast<std::ptrdiff_t>(from),
                                             curve_.begin() + static_cast<std::ptrdiff_t>(until));
        return most > 0 ? static_cast<double>(curve_[i] / most) : 0;
    }

private:
    std::vector<float> curve_;
    float highest_;
};

/// The mean of something over moments, empty stretches as 0.
template <class Value>
double mean_of(const std::vector<Moment>& moments, std::size_t from, std::size_t until, Value value) {
    double sum = 0;
    until = std::min(until, moments.size());
    for (std::size_t i = from; i < until; ++i)
        sum += value(moments[i]);
    return until > from ? sum / static_cast<double>(until - from) : 0;
}

double hits_of(const Moment& m, std::initializer_list<Drum> drums) {
    float sum = 0;
    for (const Drum drum : drums)
        sum += m.hits[static_cast<std::size_t>(drum)];
    return static_cast<double>(sum);
}

/// How much a section of so many bars is less likely than one of eight.
double cost_of_length(std::size_t bars) {
    if (bars % 8 == 0)
        return 0;
    if (bars < 3)
        return 3.5;
    if (bars % 4 == 0)
        return bars == 4 ? 0.8 : 0.3;
    return bars % 2 == 0 ? 1.2 : 2.2;
}

} // namespace

double SectionStart::log_odds() const {
    const SectionWeights& weights = section_weights();
    double sum = weights.bias;
    for (std::size_t i = 0; i < section_sign_count; ++i)
        sum += weights.signs[i] * signs[i];
    return sum;
}

std::vector<SectionStart> possible_starts(const std::vector<Moment>& moments) {
    std::vector<std::size_t> bars;
    for (std::size_t i = 0; i < moments.size(); ++i)
        if (moments[i].may_begin)
            bars.push_back(i);
    if (bars.size() < 3)
        return {};
    const Shares wide(corner_novelty(moments, wide_reach)), narrow(corner_novelty(moments, narrow_reach));
    std::vector<SectionStart> starts;
    for (std::size_t bar = 1; bar < bars.size(); ++bar) {
        const std::size_t at = bars[bar], length = std::max<std::size_t>(1, at - bars[bar - 1]);
        const auto change = [&](std::size_t bars_around, auto value) {
            const std::size_t reach = bars_around * length;
            return mean_of(moments, at, at + reach, value) -
                   mean_of(moments, at > reach ? at - reach : 0, at, value);
        };
        const auto level = [](const Moment& m) { return std::max(-60.0, m.level_db); };
        const auto kicks = [](const Moment& m) { return hits_of(m, {Drum::Kick}); };
        const auto cymbals = [](const Moment& m) { return hits_of(m, {Drum::Hat, Drum::Ride}); };
        const auto fills = [](const Moment& m) { return hits_of(m, {Drum::Snare, Drum::Tom}); };
        const auto crash = [&](std::size_t i) {
            return hits_of(moments[i], {Drum::Crash}) +
                   (i > 0 ? 0.3 * hits_of(moments[i - 1], {Drum::Crash}) : 0);
        };
        const double usual_fill = mean_of(moments, at > 8 * length ? at - 8 * length : 0, at, fills);
        const double fill = mean_of(moments, at - std::max<std::size_t>(1, length / 2), at, fills);
        starts.push_back(
            {at,
             {wide.at(at), wide.tops(at, length), narrow.at(at), narrow.tops(at, length),
              std::min(1.0, std::abs(change(2, level)) / 6), std::clamp(change(2, level) / 6, 0.0, 1.0),
              std::min(1.0, std::abs(change(2, kicks))), std::min(1.0, std::abs(change(2, cymbals)) / 2),
              std::min(1.0, std::abs(change(2, fills))), std::min(1.0, crash(at)),
              std::clamp(fill - usual_fill, -1.0, 2.0), bar % 8 == 0 ? 1.0 : 0.0, bar % 4 == 0 ? 1.0 : 0.0,
              bar % 2 == 0 ? 1.0 : 0.0}});
    }
    return starts;
}

std::vector<SectionStart> likeliest_starts(const std::vector<SectionStart>& possible,
                                           const std::vector<Moment>& moments) {
    // best[k]: of sections up to possible[k] with one beginning there.
    const std::size_t n = possible.size();
    std::vector<double> best(n, 0);
    std::vector<std::ptrdiff_t> before(n, -1);
    for (std::size_t k = 0; k < n; ++k) {
        const double here = possible[k].log_odds();
        best[k] = here - 0.5 * cost_of_length(k + 1); // what lies before the first bar is no phrase
        for (std::size_t j = 0; j < k; ++j)
            if (const double value = best[j] + here - cost_of_length(k - j); value > best[k]) {
                best[k] = value;
                before[k] = static_cast<std::ptrdiff_t>(j);
            }
    }
    double most = 0; // one section is an answer as well
    std::ptrdiff_t last = -1;
    for (std::size_t k = 0; k < n; ++k)
        if (best[k] > most && possible[k].moment + 4 <= moments.size()) {
            most = best[k];
            last = static_cast<std::ptrdiff_t>(k);
        }
    std::vector<SectionStart> kept;
    for (; last >= 0; last = before[static_cast<std::size_t>(last)])
        kept.insert(kept.begin(), possible[static_cast<std::size_t>(last)]);
    return kept;
}

} // namespace pulsepin
