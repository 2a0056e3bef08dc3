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

/// Nearly all of its beats last as long as is usual in it.
bool is_steady(const BeatTrack& track) {
    const double period = period_of(track);
    std::size_t usual = 1;
    for (std::size_t i = 1; i < track.size(); ++i)
        usual += std::abs(track[i] - track[i - 1] - period) < 0.02 * period + 1; // counted in whole frames
    return 20 * usual >= 19 * track.size();
}

/// What only the grid that was chosen is worth: no slips, and its ends.
void finish(ScoredGrid& best, const Features& features, const BarModel& bars,
            const GridConditions& conditions, bool at_another_tempo) {
    // A person who tells where a beat is knows better than a lattice.
    SteadyTrack steady{best.beats, {}};
    if (conditions.held.empty()) {
        BeatTrack bent = with_bent_end(best.beats, features.activations[Activation::Beat]);
        const bool wanted = !at_another_tempo || stays_at_one_level(bent);
        steady = without_half_beat_slips(wanted ? std::move(bent) : best.beats);
    }
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

/// All grids, each with what it is worth.
class Ranking {
public:
    Ranking(const Features& features, const Accents& accents, const GridConditions& conditions)
        : features_(features), conditions_(conditions), bars_(features, accents), terms_(features, accents),
          weights_(grid_weights(accents.with_network())), pulse_(pulse_weights(accents.with_network())) {}

    void add(BeatTrack track) {
        auto fit = bars_.fit(track, conditions_.beats_per_bar);
        const auto terms = terms_.terms(track, fit);
        const double beats = std::log2(std::max<double>(1, static_cast<double>(track.size())) / 16);
        const double odds = pulse_.bias + pulse_.octaves_of_beats * beats + score_of(terms, pulse_.terms);
        grids.push_back(
            {std::move(track), std::move(fit), terms, score_of(terms, weights_), 1 / (1 + std::exp(-odds))});
    }
    void sort() {
        std::stable_sort(grids.begin(), grids.end(),
                         [](const ScoredGrid& a, const ScoredGrid& b) { return a.score > b.score; });
    }
    /// The best few with the tempo free to bend.
    void look_again(const GridConditions& conditions, const Progress& progress) {
        const std::size_t again = std::min(grids.size(), looked_at_again);
        for (std::size_t i = 0; i < again && !progress.cancelled(); ++i) {
            progress.report(static_cast<double>(i) / static_cast<double>(again));
            auto track = retracked(features_, grids[i].beats, conditions);
            if (track.size() >= 4)
                add(std::move(track));
        }
        sort();
    }
    /// Leaves those at the tempo that was asked for, best first, and gives the others.
    [[nodiscard]] std::vector<ScoredGrid> keep_to_tempo(const Progress& progress);

    /// Whether another tempo was asked for than was found.
    [[nodiscard]] bool at_another_tempo() const { return at_another_tempo_; }
    [[nodiscard]] const BarModel& bars() const { return bars_; }
    std::vector<ScoredGrid> grids;

private:
    const Features& features_;
    const GridConditions& conditions_;
    BarModel bars_;
    GridTermModel terms_;
    const std::array<double, grid_term_count>& weights_;
    const PulseWeights& pulse_;
    bool at_another_tempo_ = false;
};

std::vector<ScoredGrid> Ranking::keep_to_tempo(const Progress& progress) {
    const auto wanted = [&](const ScoredGrid& grid) { return at_wanted_tempo(grid.beats, conditions_); };
    // Whoever asks for the tempo that was found gets the beats that were found.
    const bool found = !grids.empty() && wanted(grids.front());
    const BeatTrack first = grids.empty() ? BeatTrack{} : without_half_beat_slips(grids.front().beats).beats;
    const auto behind = std::stable_partition(grids.begin(), grids.end(), wanted);
    std::vector<ScoredGrid> others(std::make_move_iterator(behind), std::make_move_iterator(grids.end()));
    grids.erase(behind, grids.end());
    if (found)
        return others;
    at_another_tempo_ = true;
    for (auto& track : grid_candidates(features_, conditions_, progress.part(0, 0.7)))
        if (!progress.cancelled())
            add(std::move(track));
    const bool steady = first.size() >= 4 && is_steady(first); // at half or twice the tempo it is as steady
    if (steady)
        for (auto& track : at_other_levels(first))
            if (track.size() >= 4 && keeps_to(track, conditions_))
                add(std::move(track));
    sort();
    look_again(conditions_, progress.part(0.7, 1));
    if (steady)
        std::stable_partition(grids.begin(), grids.end(), [&](const ScoredGrid& grid) {
            return is_double(first, grid.beats) || is_double(grid.beats, first);
        });
    return others;
}

} // namespace

GridChoice choose_grid(const Features& features, const Accents& accents, const GridConditions& conditions,
                       const Progress& progress, std::span<const LevelLesson> lessons) {
    GridConditions untold = conditions;
    untold.tempo_range.reset();
    const double share = conditions.tempo_range ? 0.5 : 1;
    Ranking ranking(features, accents, conditions);
    for (auto& track : grid_candidates(features, untold, progress.part(0, 0.7 * share))) {
        if (progress.cancelled())
            return {};
        ranking.add(std::move(track));
    }
    ranking.sort();
    ranking.look_again(untold, progress.part(0.7 * share, share));
    GridChoice choice;
    if (accents.with_network())
        choice.leaned = settle_level(ranking.grids, lessons);
    if (conditions.tempo_range)
        choice.others = ranking.keep_to_tempo(progress.part(share, 1));
    if (progress.cancelled())
        return {};
    choice.grids = std::move(ranking.grids);
    if (!choice.grids.empty())
        finish(choice.grids.front(), features, ranking.bars(), conditions, ranking.at_another_tempo());
    return choice;
}

} // namespace pulsepin
