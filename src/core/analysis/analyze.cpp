// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/analyze.h"

#include "analysis/beat_refine.h"
#include "analysis/beat_sureness.h"
#include "analysis/grid_choice.h"
#include "analysis/level_duel.h"
#include "analysis/swing.h"
#include "dsp/smoothing.h"

#include <algorithm>
#include <cmath>
#include <span>
#include <utility>

namespace pulsepin {
namespace {

constexpr std::size_t fewest_onsets = 4; // of which a pulse can be made

/// Hits without which a drum may be a mistake. Crashes are few where they are.
constexpr std::size_t fewest_clear(Drum drum) {
    return drum == Drum::Crash ? 2 : 3;
}

/// The median tempo over eight beats: finer than one period in whole frames.
Bpm tempo_of(const BeatTrack& track) {
    constexpr std::size_t span = 8;
    if (track.size() <= span)
        return Bpm(bpm_of_period(period_of(track)));
    std::vector<float> periods;
    for (std::size_t i = span; i < track.size(); ++i)
        periods.push_back(static_cast<float>(track[i] - track[i - span]) / span);
    return Bpm(bpm_of_period(static_cast<double>(percentile(periods, 0.5))));
}

/// Grids of nearly one tempo are one candidate; its confidence is a soft maximum over their scores. Of what
/// was not asked for nothing is believed, but it can be asked for next.
std::vector<TempoCandidate> tempo_candidates(const GridChoice& choice, const GridConditions& conditions) {
    std::vector<TempoCandidate> tempi;
    const auto add = [&](const ScoredGrid& grid, float share) {
        const Bpm tempo = tempo_of(grid.beats);
        const bool known = std::any_of(tempi.begin(), tempi.end(), [&](const TempoCandidate& candidate) {
            return std::abs(candidate.tempo / tempo - 1) < 0.04;
        });
        if (!known)
            tempi.push_back({tempo, share});
    };
    const auto& range = conditions.tempo_range;
    const bool told = range && range->second / range->first < 1.1; // that it is this one and no other
    for (const auto& grid : std::span(choice.grids).first(told ? 1 : choice.grids.size()))
        add(grid, static_cast<float>(std::exp(grid.score - choice.grids.front().score)));
    for (const auto& grid : choice.others)
        add(grid, 0);
    if (tempi.size() > 4)
        tempi.resize(4);
    float sum = 0;
    for (const auto& candidate : tempi)
        sum += candidate.confidence;
    for (auto& candidate : tempi)
        candidate.confidence /= sum;
    return tempi;
}

/// Metres bar by bar, told where they change; the first downbeat becomes bar 1, beat 1.
/// Beats that were moved onto the others' lattice are doubtful, and look it.
BeatGrid grid_from(const ScoredGrid& found, const std::vector<Seconds>& times,
                   const std::vector<float>& confidence) {
    constexpr float doubtful = 0.2f;
    const BarFit& bars = found.bars;
    std::size_t first_downbeat = 0;
    while (first_downbeat + 1 < bars.place.size() && bars.place[first_downbeat] != 0)
        ++first_downbeat;
    std::vector<MetreChange> metres;
    for (std::size_t i = first_downbeat; i < bars.place.size(); ++i)
        if (bars.place[i] == 0 &&
            (metres.empty() || metres.back().metre.beats_per_bar != bars.beats_in_bar[i]))
            metres.push_back({static_cast<std::int64_t>(i - first_downbeat), {bars.beats_in_bar[i], 4}});
    if (metres.empty())
        metres.push_back({0, {bars.beats_in_bar.front(), 4}});
    std::vector<GridBeat> beats;
    for (std::size_t i = 0; i < times.size(); ++i) {
        const float most = !found.moved.empty() && found.moved[i] ? doubtful : 1.0f;
        beats.push_back({times[i], std::min(confidence[i], most), BeatOrigin::Found});
    }
    return *BeatGrid::make(std::move(beats), -static_cast<std::int64_t>(first_downbeat), std::move(metres));
}

} // namespace

Result<FeatureSet> extract_features(const SampleStore& sound, const Hearing& hearing,
                                    const Progress& progress) {
    const auto rhythm = ActivationNetwork::for_rhythm();
    const auto drums = ActivationNetwork::for_drums();
    const Listeners listeners{hearing.rhythm && rhythm ? &*rhythm : nullptr,
                              hearing.drums && drums ? &*drums : nullptr};
    LoudnessMeter meter(sound.format());
    auto features = compute_features(sound, listeners, hearing.loudness ? &meter : nullptr, progress);
    if (!features)
        return tl::unexpected(features.error());
    return FeatureSet{std::move(*features), hearing.loudness ? meter.finish() : Loudness{}};
}

namespace {

/// What a person told, counted from another moment.
GridConditions counted_from(GridConditions conditions, Seconds moment) {
    for (auto& held : conditions.held)
        held -= moment;
    for (auto& [from, until] : conditions.excluded) {
        from -= moment;
        until -= moment;
    }
    return conditions;
}

/// Back to the song's beginning. A beat that lies before it by a hair is on it.
BeatGrid later(const BeatGrid& grid, Seconds by) {
    auto beats = grid.beats();
    for (auto& beat : beats)
        beat.time = std::max(Seconds(0), beat.time + by);
    return *BeatGrid::make(std::move(beats), grid.first_beat(), grid.metres());
}

} // namespace

Result<Analysis> analyze(FeatureSet feature_set, const AnalysisSettings& settings, const Progress& progress) {
    Features& whole = feature_set.features;
    const Seconds begins((static_cast<double>(whole.sounds_from) - static_cast<double>(silence_before_part)) /
                         Features::slow_rate);
    Analysis analysis;
    analysis.duration = whole.duration;
    analysis.loudness = std::move(feature_set.loudness);
    OnsetSettings row = settings.onsets;
    analysis.onsets = find_onsets(whole, row);
    row.function = "step";
    analysis.steps = find_onsets(whole, row);
    for (std::size_t drum = 0; settings.with_drums && drum < drum_count; ++drum) {
        if (progress.cancelled())
            return fail_cancelled();
        row.function = drum_names[drum];
        const OnsetFinder finder(whole, row.function);
        analysis.drums[drum] = finder.find(row);
        OnsetSettings strict = row;
        strict.sensitivity = std::max(0.0, row.sensitivity - 0.12); // nearly twice the odds
        const std::size_t clear = finder.find(strict).size();
        analysis.plays[drum] =
            clear >= fewest_clear(static_cast<Drum>(drum)) && 2 * clear >= analysis.drums[drum].size();
    }
    progress.report(0.1);
    for (auto* heard_for_onsets_only : {&whole.energy_rise, &whole.high_rise, &whole.surprise})
        *heard_for_onsets_only = {};
    const Features features = sounding_part(std::move(whole)); // hours of it are not there twice
    const Accents accents(features);
    const auto choice = choose_grid(features, accents, counted_from(settings.grid, begins),
                                    progress.part(0.1, 0.9), settings.lessons);
    const auto& grids = choice.grids;
    if (progress.cancelled())
        return fail_cancelled();
    if (!grids.empty()) {
        analysis.pulse = static_cast<float>(grids.front().pulse);
        // A person who tells where beats are, or how fast they come, knows that there are some.
        const bool told = !settings.grid.held.empty() || settings.grid.tempo_range;
        const auto refined = refine_beats(features, grids.front().beats);
        const bool anything = analysis.onsets.size() >= fewest_onsets;
        if (((analysis.pulse >= 0.5f && anything) || told) && refined.times.size() >= 4) {
            analysis.grid =
                grid_from(grids.front(), refined.times, beat_confidence(features, grids, refined));
            analysis.tempi = tempo_candidates(choice, settings.grid);
            analysis.off_beat = off_beat_of(grids);
            if (choice.leaned && !settings.grid.tempo_range)
                analysis.leaned_on = choice.leaned->song;
            if (settings.with_sections)
                analysis.sections = find_sections(features, &*analysis.grid);
            analysis.grid = later(*analysis.grid, begins);
            analysis.swing = swing_ratio(analysis.onsets, *analysis.grid);
        }
    }
    if (!analysis.grid && settings.with_sections)
        analysis.sections = find_sections(features, nullptr);
    for (auto& section : analysis.sections) {
        section.start += begins;
        section.end += begins;
    }
    if (!analysis.sections.empty()) {
        analysis.sections.front().start = Seconds(0);
        analysis.sections.back().end = analysis.duration;
    }
    progress.report(1);
    return analysis;
}

std::optional<LevelLesson> lesson_of(FeatureSet feature_set, Bpm tempo, std::string song) {
    const Features features = sounding_part(std::move(feature_set.features));
    return lesson_of(choose_grid(features, Accents(features), {}).grids,
                     60 * Features::slow_rate / tempo.value, std::move(song));
}

Result<Analysis> analyze(const SampleStore& sound, const AnalysisSettings& settings,
                         const Progress& progress) {
    auto feature_set = extract_features(
        sound, {settings.with_network, settings.with_network && settings.with_drums, settings.with_loudness},
        progress.part(0, 0.85));
    if (!feature_set)
        return tl::unexpected(feature_set.error());
    return analyze(*std::move(feature_set), settings, progress.part(0.85, 1));
}

} // namespace pulsepin
