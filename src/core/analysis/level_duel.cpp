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

/// The best grid, the best with half as many beats and the best with twice as many; `count`: none.
struct Rivals {
    std::size_t slow, fast, count;
};

Rivals rivals_of_best(const std::vector<ScoredGrid>& grids) {
    const std::size_t count = std::min(grids.size(), looked_at);
    // Of each kind the one with the best score alone.
    const auto first_that = [&](auto test) {
        std::size_t i = 1;
        while (i < count && !test(grids[i]))
            ++i;
        return i;
    };
    const ScoredGrid& best = grids.front();
    return {first_that([&](const ScoredGrid& one) { return is_double(best.beats, one.beats); }),
            first_that([&](const ScoredGrid& one) { return is_double(one.beats, best.beats); }), count};
}

struct Verdict {
    std::size_t other; ///< that is better than the best
    double odds;
    const LevelLesson* by; ///< what was learned and turned it
};

std::optional<Verdict> better_than_best(const std::vector<ScoredGrid>& grids,
                                        std::span<const LevelLesson> lessons) {
    const auto [slow, fast, count] = rivals_of_best(grids);
    const ScoredGrid& best = grids.front();
    const auto judged = [&](const ScoredGrid& faster, const ScoredGrid& slower) {
        const double odds = odds_for_faster(faster, slower);
        const RhythmKind rhythm = rhythm_kind(faster.terms);
        const double leaned = odds + leaning(lessons, rhythm);
        const bool turned = (odds > 0) != (leaned > 0);
        return std::pair(leaned, turned ? &nearest_lesson(lessons, rhythm) : nullptr);
    };
    if (slow < count)
        if (const auto [odds, by] = judged(best, grids[slow]); odds < 0)
            return Verdict{slow, -odds, by};
    if (fast < count)
        if (const auto [odds, by] = judged(grids[fast], best); odds > 0)
            return Verdict{fast, odds, by};
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

const LevelLesson* settle_level(std::vector<ScoredGrid>& grids, std::span<const LevelLesson> lessons) {
    const LevelLesson* by = nullptr;
    for (int round = 0; round < rounds && grids.size() > 1; ++round) {
        const auto verdict = better_than_best(grids, lessons);
        if (!verdict)
            break;
        by = verdict->by ? verdict->by : by;
        // As sure of it as the verdict is, so that what is told of the tempi says so.
        grids[verdict->other].score = grids.front().score + verdict->odds;
        std::rotate(grids.begin(), grids.begin() + static_cast<std::ptrdiff_t>(verdict->other),
                    grids.begin() + static_cast<std::ptrdiff_t>(verdict->other) + 1);
    }
    return by;
}

std::optional<LevelLesson> lesson_of(const std::vector<ScoredGrid>& grids, double true_period,
                                     std::string song) {
    if (grids.empty())
        return std::nullopt;
    const auto true_one = [&](const ScoredGrid& grid) {
        return std::abs(period_of(grid.beats) / true_period - 1) < 0.04;
    };
    const auto [slow, fast, count] = rivals_of_best(grids);
    const ScoredGrid& best = grids.front();
    if (slow < count && (true_one(best) || true_one(grids[slow])))
        return LevelLesson{std::move(song), rhythm_kind(best.terms), true_one(best)};
    if (fast < count && (true_one(best) || true_one(grids[fast])))
        return LevelLesson{std::move(song), rhythm_kind(grids[fast].terms), !true_one(best)};
    return std::nullopt;
}

} // namespace pulsepin
