// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/grid_trust.h"

#include "hand/near_onsets.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double doubtful = 0.5;
/// Beats that were found and are less likely right than that are doubtful: of made songs that nothing was
/// fitted on more than half of what is flagged so is wrong (docs/accuracy.md).
constexpr double likely_enough = 0.88;

/// The same scale as what onsets say: `doubtful` where a beat is just not likely enough.
double trust_of_confidence(double confidence) {
    return confidence < likely_enough
               ? doubtful * confidence / likely_enough
               : doubtful + (1 - doubtful) * (confidence - likely_enough) / (1 - likely_enough);
}

double median_of(std::vector<double> values) {
    const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return *middle;
}

} // namespace

std::vector<BarTrust> trust_by_bar(const BeatGrid& grid, std::span<const FoundOnset> onsets) {
    std::vector<BarTrust> bars;
    std::vector<double> errors;
    double sum = 0, sure = 0;
    int count = 0;
    const auto close = [&](Seconds until) {
        if (bars.empty() || count == 0)
            return;
        auto& bar = bars.back();
        bar.until = until;
        bar.trust = std::min(sum / count, trust_of_confidence(sure / count));
        bar.silent = onsets_between(onsets, bar.from - closeness_width, until - closeness_width).empty();
        if (!errors.empty())
            bar.error = Seconds(median_of(errors));
        errors.clear();
        sum = sure = 0;
        count = 0;
    };
    const auto& beats = grid.beats();
    for (std::size_t i = 0; i < beats.size(); ++i) {
        const auto number = grid.first_beat() + static_cast<std::int64_t>(i);
        const Seconds time = beats[i].time;
        if (i == 0 || grid.is_downbeat(number)) {
            close(time);
            bars.push_back({number, time, time, 0, std::nullopt, false});
        }
        const Seconds step = i + 1 < beats.size() ? beats[i + 1].time - time : time - beats[i - 1].time;
        const auto* onset = best_onset(onsets, time, std::min(near_enough, step * 0.25));
        double trust = 0;
        if (onset) {
            // An onset that is weak beside what starts between the beats says little.
            float strongest = onset->strength;
            for (const auto& other : onsets_between(onsets, time + step * 0.2, time + step * 0.8))
                strongest = std::max(strongest, other.strength);
            const double standing =
                std::sqrt(static_cast<double>(onset->strength / std::max(strongest, 1e-6f)));
            trust = closeness(onset->time - time) * std::min(1.0, 0.3 + standing);
            errors.push_back((onset->time - time).value);
        }
        sum += beats[i].origin == BeatOrigin::Held ? 1.0 : trust;
        sure += beats[i].origin == BeatOrigin::Found ? static_cast<double>(beats[i].confidence) : 1.0;
        ++count;
    }
    if (beats.size() > 1)
        close(beats.back().time + (beats.back().time - beats[beats.size() - 2].time));
    return bars;
}

bool is_doubtful_at(std::span<const BarTrust> bars, Seconds time) {
    const auto after = std::upper_bound(bars.begin(), bars.end(), time,
                                        [](Seconds t, const BarTrust& bar) { return t < bar.from; });
    return after != bars.begin() && time < (after - 1)->until && (after - 1)->trust < doubtful;
}

std::vector<DoubtfulPlace> doubtful_places(std::span<const BarTrust> bars) {
    std::vector<DoubtfulPlace> places;
    for (const auto& bar : bars) {
        if (bar.trust >= doubtful)
            continue;
        if (!places.empty() && bar.from - places.back().until < Seconds(1e-9))
            places.back().until = bar.until;
        else
            places.push_back({bar.from, bar.until});
    }
    return places;
}

GridDifference difference(const BeatGrid& first, const BeatGrid& second) {
    GridDifference out;
    const auto& a = first.beats();
    const auto& b = second.beats();
    std::size_t i = 0, j = 0;
    while (i < a.size() && j < b.size()) {
        const Seconds step = i + 1 < a.size() ? a[i + 1].time - a[i].time : a[i].time - a[i - 1].time;
        const Seconds d = b[j].time - a[i].time;
        if (Seconds(std::abs(d.value)) <= step * 0.25) {
            ++(std::abs(d.value) <= 0.002 ? out.same : out.moved);
            ++i;
            ++j;
        } else if (d > Seconds(0)) {
            ++out.dropped;
            ++i;
        } else {
            ++out.added;
            ++j;
        }
    }
    out.dropped += a.size() - i;
    out.added += b.size() - j;
    return out;
}

std::string grid_difference_text(const BeatGrid& found, const BeatGrid& used) {
    const auto d = difference(found, used);
    if (d.moved + d.added + d.dropped == 0)
        return "The grid is as it was found.";
    const auto count = [](std::size_t n) { return n == 0 ? std::string("none") : std::to_string(n); };
    return "Against what was found: " + count(d.same) + " beats the same, " + count(d.moved) + " moved, " +
           count(d.added) + " added, " + count(d.dropped) + " dropped.";
}

std::vector<Seconds> follow_onsets(const BeatGrid& grid, std::span<const FoundOnset> onsets) {
    const auto& beats = grid.beats();
    std::vector<std::optional<Seconds>> by(beats.size());
    for (std::size_t i = 0; i < beats.size(); ++i) {
        const Seconds step =
            i + 1 < beats.size() ? beats[i + 1].time - beats[i].time : beats[i].time - beats[i - 1].time;
        if (beats[i].origin == BeatOrigin::Held)
            by[i] = Seconds(0);
        else if (const auto* onset = best_onset(onsets, beats[i].time, std::min(Seconds(0.06), step * 0.2)))
            by[i] = onset->time - beats[i].time;
    }
    std::vector<Seconds> times;
    std::optional<std::size_t> before;
    std::size_t after = 0;
    for (std::size_t i = 0; i < beats.size(); ++i) {
        if (by[i])
            before = i;
        after = std::max(after, i);
        while (after < beats.size() && !by[after])
            ++after;
        Seconds move(0);
        if (before && after < beats.size() && after > *before)
            move = *by[*before] + (*by[after] - *by[*before]) * (static_cast<double>(i - *before) /
                                                                 static_cast<double>(after - *before));
        else if (before)
            move = *by[*before];
        else if (after < beats.size())
            move = *by[after];
        times.push_back(beats[i].time + move);
    }
    return times;
}

std::optional<Seconds> distance_from_onsets(std::span<const Seconds> times,
                                            std::span<const FoundOnset> onsets) {
    std::vector<double> distances;
    for (const Seconds time : times) {
        double nearest = near_enough.value;
        bool any = false;
        for (const auto& onset : onsets_between(onsets, time - near_enough, time + near_enough)) {
            any = true;
            nearest = std::min(nearest, std::abs((onset.time - time).value));
        }
        if (any)
            distances.push_back(nearest);
    }
    if (distances.empty())
        return std::nullopt;
    return Seconds(median_of(distances));
}

} // namespace pulsepin
