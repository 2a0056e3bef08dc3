// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/features.h"
#include "analysis/onsets.h"
#include "time/beat_grid.h"

#include <optional>

namespace pulsepin {

struct TempoCandidate {
    Bpm tempo;
    float confidence = 0; ///< the candidates' confidences sum to 1
    friend bool operator==(const TempoCandidate&, const TempoCandidate&) = default;
};

/// What was found in a song. Times count from the first decoded sample.
struct Analysis {
    Seconds duration;
    std::vector<TempoCandidate> tempi; ///< likeliest first; empty where no pulse was found
    std::optional<BeatGrid> grid;      ///< absent where no pulse was found
    std::vector<Onset> onsets;
    friend bool operator==(const Analysis&, const Analysis&) = default;
};

struct AnalysisSettings {
    int beats_per_bar = 4;
    OnsetSettings onsets;
};

/// Finds tempo, beats, bars and onsets. The same samples give the same result, bit for bit.
/// Fails only when cancelled.
[[nodiscard]] Result<Analysis> analyze(const SampleStore& sound, const AnalysisSettings& settings = {},
                                       const Progress& progress = {});

} // namespace pulsepin
