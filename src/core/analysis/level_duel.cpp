// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/level_duel.h"

#include <algorithm>
#include <cmath>
#include <optional>

namespace pulsepin {
namespace {

constexpr std::size_t looked_at = 40;
constexpr int rounds = 3;
constexpr double near = 5; // slow frames

double odds_for_faster(const ScoredGrid& fast, const ScoredGrid& slow) {
    const DuelWeights& w = duel_weights();
    double odds = w.bias + w.score * (fast.score - slow.score);
    for (std::size_t i = 0; i < grid_term_count; ++i)
        odds += w.difference[i] * (fast.terms[i] - slow.terms[i]) + w.faster[i] * fast.terms[i];
    return odds;
}

struct Verdict {
    std::size_t other; ///< that is better than the best
    double odds;
};

std::optional<Verdict> better_than_best(const std::vector<ScoredGrid>& grids) {
    const std::size_t count = std::min(grids.size(), looked_at);
    // Of each kind the one with the best score alone.
    const auto first_that = [&](auto test) {
        std::size_t i = 1;
        while (i < count && !test(grids[i]))
            ++i;
        return i;
    };
    const ScoredGrid& best = grids.front();
    const std::size_t slow =
        first_that([&](const ScoredGrid& one) { return is_double(best.beats, one.beats); });
    const std::size_t fast =
        first_that([&](const ScoredGrid& one) { return is_double(one.beats, best.beats); });
    if (slow < count)
        if (const double odds = odds_for_faster(best, grids[slow]); odds < 0)
            return Verdict{slow, -odds};
    if (fast < count)
        if (const double odds = odds_for_faster(grids[fast], best); odds > 0)
            return Verdict{fast, odds};
    return std::nullopt;
}

} // namespace

bool is_double(const BeatTrack& fast, const BeatTrack& slow) {
    if (std::abs(period_of(slow) / period_of(fast) - 2) > 0.06)
        return false;
    std::size_t hits = 0, k = 0;
    for (const double beat : slow) {
        while (k < fast.size() && fast[k] < beat - near)
            ++k;
        hits += k < fast.size() && fast[k] <= beat + near;
    }
    return static_cast<double>(hits) > 0.9 * static_cast<double>(slow.size());
}

void settle_level(std::vector<ScoredGrid>& grids) {
    for (int round = 0; round < rounds && grids.size() > 1; ++round) {
        const auto verdict = better_than_best(grids);
        if (!verdict)
            return;
        // As sure of it as the verdict is, so that what is told of the tempi says so.
        grids[verdict->other].score = grids.front().score + verdict->odds;
        std::rotate(grids.begin(), grids.begin() + static_cast<std::ptrdiff_t>(verdict->other),
                    grids.begin() + static_cast<std::ptrdiff_t>(verdict->other) + 1);
    }
}

} // namespace pulsepin
