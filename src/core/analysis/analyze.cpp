// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/analyze.h"

#include "analysis/beat_refine.h"
#include "analysis/beat_tracker.h"
#include "analysis/downbeats.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

/// Tracks of nearly one tempo are one candidate; its confidence is a soft maximum over their scores.
std::vector<TempoCandidate> tempo_candidates(const std::vector<TrackedBeats>& tracks) {
    std::vector<TempoCandidate> tempi;
    if (tracks.empty())
        return tempi;
    const double best = tracks.front().score;
    for (const auto& track : tracks) {
        const Bpm tempo(60 * Features::slow_rate / track.median_period());
        const bool known = std::any_of(tempi.begin(), tempi.end(), [&](const TempoCandidate& candidate) {
            return std::abs(candidate.tempo / tempo - 1) < 0.04;
        });
        if (!known)
            tempi.push_back({tempo, static_cast<float>(std::exp(0.5 * (track.score - best)))});
    }
    if (tempi.size() > 4)
        tempi.resize(4);
    float sum = 0;
    for (const auto& candidate : tempi)
        sum += candidate.confidence;
    for (auto& candidate : tempi)
        candidate.confidence /= sum;
    return tempi;
}

BeatGrid grid_from(const Features& features, const BeatTrack& track, const RefinedBeats& refined,
                   int beats_per_bar) {
    const auto odds = downbeat_log_odds(features, track);
    const int first = first_downbeat(odds, beats_per_bar);
    std::vector<GridBeat> beats;
    for (std::size_t i = 0; i < refined.times.size(); ++i)
        beats.push_back({refined.times[i], std::clamp(refined.confidence[i], 0.0f, 1.0f), BeatOrigin::Found});
    return *BeatGrid::make(std::move(beats), -first, {{0, {beats_per_bar, 4}}});
}

} // namespace

Result<Analysis> analyze(const SampleStore& sound, const AnalysisSettings& settings,
                         const Progress& progress) {
    auto features = compute_features(sound, progress.part(0, 0.8));
    if (!features)
        return tl::unexpected(features.error());
    Analysis analysis;
    analysis.duration = features->duration;
    analysis.onsets = find_onsets(*features, settings.onsets);
    const auto tracks = track_beats(*features, progress.part(0.8, 0.97));
    if (progress.cancelled())
        return fail(cancelled_text);
    if (!tracks.empty()) {
        const BeatTrack track = retrack_around(*features, tracks.front().beats);
        const auto refined = refine_beats(*features, track);
        analysis.grid = grid_from(*features, track, refined, settings.beats_per_bar);
        analysis.tempi = tempo_candidates(tracks);
    }
    progress.report(1);
    return analysis;
}

} // namespace pulsepin
