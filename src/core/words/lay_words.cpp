// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/lay_words.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numeric>

namespace pulsepin {
namespace {

constexpr double shortest = 0.06; ///< seconds from a word to the next
constexpr double near_set = 0.03; ///< of a set word: that is its own onset
constexpr double strength_counts = 3;
constexpr double no_onset_costs = 0.5;
constexpr double length_counts = 2;
constexpr double most_of_a_rest = 1.5; ///< what a rest behind a word costs at most

struct Place {
    double time, cost;
};

/// The onsets, and places between them for words that begin unheard: the slower the words, the fewer.
std::vector<Place> places_of(double first, double last, std::span<const VoiceOnset> onsets, double even) {
    const double between = std::clamp(even / 8, 0.05, 0.25);
    std::vector<Place> places;
    for (const auto& onset : onsets)
        if (onset.time.value > first + near_set && onset.time.value < last - near_set)
            places.push_back({onset.time.value, -strength_counts * std::clamp(onset.strength, 0.0, 1.0)});
    for (double time = first + between; time < last - near_set; time += between)
        places.push_back({time, no_onset_costs});
    std::sort(places.begin(), places.end(), [](const Place& a, const Place& b) { return a.time < b.time; });
    return places;
}

/// What it costs that a word takes so long: a voice may rest behind it, but not hurry.
double cost_of_length(double length, double expected) {
    if (length < shortest)
        return 1e9;
    const double ratio = std::log(length / expected);
    const double cost = length_counts * ratio * ratio;
    return ratio > 0 ? std::min(cost, most_of_a_rest) : 2 * cost;
}

struct Laid {
    double cost = std::numeric_limits<double>::infinity();
    std::vector<Seconds> times;
};

Laid lay_at_pace(double first, double last, std::span<const int> syllables, const std::vector<Place>& places,
                 double syllable) {
    const std::size_t count = syllables.size() - 1, n = places.size();
    const auto expected = [&](std::size_t word) { return syllable * syllables[word]; };
    std::vector<double> cost(n);
    std::vector<std::vector<std::size_t>> from(count, std::vector<std::size_t>(n, 0));
    for (std::size_t i = 0; i < n; ++i)
        cost[i] = cost_of_length(places[i].time - first, expected(0)) + places[i].cost;
    for (std::size_t word = 1; word < count; ++word) {
        std::vector<double> next(n, 1e18);
        // What lies so far before that a rest costs its most is as far as any: the cheapest of it is kept.
        const double far = expected(word) * std::exp(std::sqrt(most_of_a_rest / length_counts));
        std::size_t near = 0, cheapest = 0;
        for (std::size_t i = 1; i < n; ++i) {
            for (; places[near].time < places[i].time - far; ++near)
                cheapest = cost[near] < cost[cheapest] ? near : cheapest;
            const auto try_from = [&](std::size_t j) {
                const double sum = cost[j] + cost_of_length(places[i].time - places[j].time, expected(word)) +
                                   places[i].cost;
                if (sum < next[i]) {
                    next[i] = sum;
                    from[word][i] = j;
                }
            };
            if (near > 0)
                try_from(cheapest);
            for (std::size_t j = near; j < i; ++j)
                try_from(j);
        }
        cost = std::move(next);
    }
    Laid laid;
    std::size_t best = 0;
    for (std::size_t i = 0; i < n; ++i) {
        const double sum = cost[i] + cost_of_length(last - places[i].time, expected(count));
        if (sum < laid.cost) {
            laid.cost = sum;
            best = i;
        }
    }
    laid.times.resize(count);
    for (std::size_t word = count; word-- > 0;) {
        laid.times[word] = Seconds(places[best].time);
        best = from[word][best];
    }
    return laid;
}

} // namespace

std::vector<Seconds> lay_words(Seconds first, Seconds last, std::span<const int> syllables,
                               std::span<const VoiceOnset> onsets) {
    if (syllables.size() < 2)
        return {};
    const int all = std::accumulate(syllables.begin(), syllables.end(), 0);
    const double even = (last - first).value / std::max(1, all);
    std::vector<Seconds> evenly;
    int before = syllables.front();
    for (std::size_t i = 1; i < syllables.size(); ++i) {
        evenly.push_back(first + Seconds(even * before));
        before += syllables[i];
    }
    const auto places = places_of(first.value, last.value, onsets, even);
    // Words that have no room are laid evenly, and so is what would take minutes.
    constexpr std::size_t most_to_try = 4'000'000;
    if (places.size() < syllables.size() || even < shortest || places.size() * syllables.size() > most_to_try)
        return evenly;
    Laid best;
    // A voice that fills the time, or that rests for most of it: a syllable lasts 0.12 s at least.
    for (double share = 1; even * share >= 0.12 || share == 1; share *= 0.84) {
        const auto laid = lay_at_pace(first.value, last.value, syllables, places, even * share);
        if (laid.cost < best.cost)
            best = laid;
    }
    return best.cost < 1e8 ? best.times : evenly;
}

} // namespace pulsepin
