// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/features.h"
#include "analysis/grid_candidates.h"
#include "analysis/level_lessons.h"
#include "analysis/loudness.h"
#include "analysis/onsets.h"
#include "analysis/sections.h"
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
    float pulse = 0;                   ///< 0 to 1: how sure it is that there is a pulse
    float off_beat = 0; ///< 0 to 1: how likely it is that beats lie half a beat from where they were found
    std::optional<double>
        swing; ///< first eighth against second; absent where beats are not divided in one way
    std::vector<Onset> onsets, steps;
    std::array<std::vector<Onset>, drum_count> drums; ///< in the order of Drum
    std::array<bool, drum_count> plays{};             ///< half of its hits are clear
    std::vector<Section> sections;
    Loudness loudness;
    std::string leaned_on; ///< the song by whose lesson the beats are at this level; empty: by none
    friend bool operator==(const Analysis&, const Analysis&) = default;
};

struct AnalysisSettings {
    GridConditions grid;
    OnsetSettings onsets; ///< of everything that starts; the rows by instrument share its sensitivity and gap
    bool with_network = true;
    std::vector<LevelLesson> lessons; ///< what a person said of the levels of other songs
    // What nobody asks for takes no time.
    bool with_drums = true; ///< rows of drums, and sections that go by them
    bool with_sections = true;
    bool with_loudness = true;
};

/// Who listens to a sound: what nobody asks for can be left out.
struct Hearing {
    bool rhythm = true, drums = true, loudness = true;
};

/// Features and loudness of a sound in one pass over its samples.
struct FeatureSet {
    Features features;
    Loudness loudness;
};
[[nodiscard]] Result<FeatureSet> extract_features(const SampleStore& sound, const Hearing& hearing = {},
                                                  const Progress& progress = {});

/// Finds tempo, beats, bars, onsets, sections from features: no sample is looked at again. The same features
/// give the same result, bit for bit. Fails only when cancelled.
[[nodiscard]] Result<Analysis> analyze(FeatureSet feature_set, const AnalysisSettings& settings = {},
                                       const Progress& progress = {});

/// What a person teaches by saying at which tempo the beats of this song come; nothing where that is neither
/// the level that was found nor half or twice as fast.
[[nodiscard]] std::optional<LevelLesson> lesson_of(FeatureSet feature_set, Bpm tempo, std::string song);

/// Both in one step.
[[nodiscard]] Result<Analysis> analyze(const SampleStore& sound, const AnalysisSettings& settings = {},
                                       const Progress& progress = {});

} // namespace pulsepin
