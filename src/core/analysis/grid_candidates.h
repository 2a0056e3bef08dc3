// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/beat_path.h"
#include "analysis/features.h"

#include <array>
#include <optional>
#include <utility>
#include <vector>

namespace pulsepin {

inline constexpr double slowest_beat = 30, fastest_beat = 300; ///< BPM that are looked for at all

/// What a person knows about a song's beats; whatever is left open is found.
struct GridConditions {
    std::optional<std::pair<Bpm, Bpm>> tempo_range;
    std::optional<int> beats_per_bar;
    std::vector<Seconds> held;                         ///< here is a beat
    std::vector<std::pair<Seconds, Seconds>> excluded; ///< what sounds here says nothing about the beat
    friend bool operator==(const GridConditions&, const GridConditions&) = default;
};

/// Whether its usual tempo is one that was asked for; where none was, one that is found without being told.
[[nodiscard]] bool at_wanted_tempo(const BeatTrack& track, const GridConditions& conditions);

/// At that tempo, and with a beat wherever one is held.
[[nodiscard]] bool keeps_to(const BeatTrack& track, const GridConditions& conditions);

/// Few of its beats are much longer or shorter than is usual in it: it does not go over to another level.
[[nodiscard]] bool stays_at_one_level(const BeatTrack& track);

/// Grids that may be the beats: the best paths in seven ranges of tempo, or in that which is asked for, over
/// what rises and over what the network hears, moved by parts of a beat, doubled and halved, and steady grids
/// at their tempi. Cut to where something sounds; no two nearly the same.
[[nodiscard]] std::vector<BeatTrack>
grid_candidates(const Features& features, const GridConditions& conditions, const Progress& progress);

/// Twice as many beats, and every second of them from the first and from the second on.
[[nodiscard]] std::array<BeatTrack, 3> at_other_levels(const BeatTrack& track);

/// A second look with the tempo free around one grid: follows slowing ends, steps and human hands.
[[nodiscard]] BeatTrack retracked(const Features& features, const BeatTrack& track,
                                  const GridConditions& conditions);

/// What a beat at each slow frame is worth: rises and what the network hears, on a common scale, conditions
/// applied.
[[nodiscard]] std::vector<float> beat_reward(const Features& features, const GridConditions& conditions,
                                             float share_of_network);

} // namespace pulsepin
