// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/activation_network.h"

#include <array>
#include <cstddef>

namespace pulsepin {

// Numbers that were fitted on music with known beats, by the scripts in training/; docs/accuracy.md tells on
// which.

inline constexpr std::size_t bar_channels = 22;
struct BarWeights {
    double bias;
    std::array<double, bar_channels> here, before, after;
};
[[nodiscard]] const BarWeights& bar_weights(bool with_network);

inline constexpr std::size_t grid_term_count = 57;
[[nodiscard]] const std::array<double, grid_term_count>& grid_weights(bool with_network);

/// Of a grid against that of every second of its beats: log odds for the faster one.
struct DuelWeights {
    double bias, score; ///< the score of the faster one less the other's
    std::array<double, grid_term_count> difference, faster;
};
[[nodiscard]] const DuelWeights& duel_weights();

/// That a section begins at a bar; see section_starts.h.
inline constexpr std::size_t section_sign_count = 14;
struct SectionWeights {
    double bias;
    std::array<double, section_sign_count> signs;
};
[[nodiscard]] const SectionWeights& section_weights();

/// That a beat is one; see beat_sureness.h.
inline constexpr std::size_t beat_sign_count = 11;
struct BeatWeights {
    double bias;
    std::array<double, beat_sign_count> signs;
};
[[nodiscard]] const BeatWeights& beat_weights();

/// That a peak of what is heard of a drum is a hit of it; see drum_hits.h.
inline constexpr std::size_t hit_sign_count = 19;
struct HitWeights {
    double bias;
    std::array<double, hit_sign_count> signs;
};
[[nodiscard]] const HitWeights& hit_weights(Drum drum);

/// Log odds that there is a pulse at all, from the terms of the best grid, and from how many beats it has:
/// the fewer, the more easily they are made up.
struct PulseWeights {
    double bias, octaves_of_beats; ///< over or under sixteen
    std::array<double, grid_term_count> terms;
};
[[nodiscard]] const PulseWeights& pulse_weights(bool with_network);

} // namespace pulsepin
