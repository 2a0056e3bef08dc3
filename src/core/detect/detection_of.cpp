// SPDX-License-Identifier: GPL-3.0-or-later
#include "detect/detection_of.h"

#include <cmath>

namespace pulsepin {
std::vector<FoundOnset> onsets_of(const std::vector<Onset>& onsets) {
    std::vector<FoundOnset> found;
    found.reserve(onsets.size());
    for (const auto& onset : onsets)
        found.push_back({onset.time, onset.strength});
    return found;
}

OnsetRow onset_row(const char* name, const char* function, const std::vector<Onset>& onsets, bool shown) {
    OnsetRow row;
    row.name = name;
    row.function = function;
    row.shown = shown;
    row.onsets = onsets_of(onsets);
    return row;
}

namespace {

std::vector<OnsetRow> usual_rows(const Analysis& a) {
    std::vector<OnsetRow> rows{onset_row("onsets", "full", a.onsets, true)};
    for (std::size_t drum = 0; drum < drum_count; ++drum) {
        const std::string name(drum_names[drum]);
        // Not every song has toms, rides, crashes, claps.
        const bool usual = drum <= static_cast<std::size_t>(Drum::Hat);
        rows.push_back(onset_row(name.c_str(), name.c_str(), a.drums[drum], usual || a.plays[drum]));
    }
    rows.push_back(onset_row("volume", "step", a.steps, false));
    return rows;
}

} // namespace

Detection detection_of(const Analysis& analysis) {
    Detection detection;
    detection.grid = analysis.grid;
    detection.swing = analysis.swing;
    detection.pulse = analysis.pulse;
    detection.off_beat = std::round(analysis.off_beat * 100) / 100; // a hint, no measurement
    for (const auto& tempo : analysis.tempi)
        detection.tempi.push_back({tempo.tempo, tempo.confidence});
    detection.rows = usual_rows(analysis);
    for (const float level : analysis.loudness.tenths) // to a tenth of a decibel: a project file is no tape
        detection.levels.push_back(std::round(level * 10) / 10);
    for (const auto& section : analysis.sections)
        detection.sections.push_back(
            {section.start, section.end, section_name(section), section.drop, section.confidence});
    return detection;
}

} // namespace pulsepin
