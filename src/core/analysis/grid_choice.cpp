// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/grid_choice.h"

#include "analysis/bent_end.h"
#include "analysis/half_beat_slips.h"
#include "analysis/level_duel.h"
#include "analysis/onsets.h"
#include "analysis/track_ends.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr std::size_t looked_at_again = 4;

double score_of(const GridTerms& terms, const std::array<double, grid_term_count>& weights) {
    double sum = 0;
    for (std::size_t i = 0; i < terms.size(); ++i)
        sum += weights[i] * terms[i];
    return sum;
}

/// What only the grid that was chosen is worth: no slips, and its ends.
void finish(ScoredGrid& best, const Features& features, const BarModel& bars,
            const GridConditions& conditions) {
    // A person who tells where a beat is knows better than a lattice.
    SteadyTrack steady{best.beats, {}};
    if (conditions.held.empty())
        steady = without_half_beat_slips(with_bent_end(best.beats, features.activations[Activation::Beat]));
    if (std::find(steady.moved.begin(), steady.moved.end(), true) == steady.moved.end())
        steady.moved.clear();
    constexpr float clear_strength = 0.1f; // what fades out has faint starts of its own
    std::vector<double> starts, clear;
    for (const auto& onset : find_onsets(features)) {
        starts.push_back(Features::slow_index(onset.time));
        if (onset.strength >= clear_strength)
            clear.push_back(starts.back());
    }
    const double first = steady.beats.front();
    BeatTrack whole = with_its_ends(steady.beats, starts, clear);
    if (!steady.moved.empty()) {
        const auto more = std::find(whole.begin(), whole.end(), first) - whole.begin();
        steady.moved.insert(steady.moved.begin(), static_cast<std::size_t>(more), false);
        steady.moved.resize(whole.size(), false);
    }
    best.bars = bars.settled(whole, conditions.beats_per_bar);
    best.beats = std::move(whole);
    best.moved = std::move(steady.moved);
}

} // namespace

std::vector<ScoredGrid> choose_grid(const Features& features, const Accents& accents,
                                    const GridConditions& conditions, const Progress& progress) {
    const auto candidates = grid_candidates(features, conditions, progress.part(0, 0.7));
    const BarModel bars(features, accents);
    const GridTermModel model(features, accents);
    const auto& weights = grid_weights(accents.with_network());
    const auto& pulse = pulse_weights(accents.with_network());
    std::vector<ScoredGrid> scored;
    const auto add = [&](BeatTrack track) {
        auto fit = bars.fit(track, conditions.beats_per_bar);
        const auto terms = model.terms(track, fit);
        const double odds = pulse.bias + score_of(terms, pulse.terms);
        scored.push_back(
            {std::move(track), std::move(fit), terms, score_of(terms, weights), 1 / (1 + std::exp(-odds))});
    };
    const auto best_first = [](const ScoredGrid& a, const ScoredGrid& b) { return a.score > b.score; };
    for (const auto& track : candidates) {
        if (progress.cancelled())
            return {};
        add(track);
    }
    std::stable_sort(scored.begin(), scored.end(), best_first);
    const std::size_t again = std::min(scored.size(), looked_at_again);
    for (std::size_t i = 0; i < again; ++i) {
        progress.report(0.7 + 0.3 * static_cast<double>(i) / static_cast<double>(again));
        auto track = retracked(features, scored[i].beats, conditions);
        if (track.size() >= 4)
            add(std::move(track));
    }
    std::stable_sort(scored.begin(), scored.end(), best_first);
    if (accents.with_network())
        settle_level(scored);
    if (!scored.empty())
        finish(scored.front(), features, bars, conditions);
    return scored;
}

} // namespace pulsepin
