// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/analysis_json.h"

#include "time/musical_text.h"

#include <cmath>
#include <nlohmann/json.hpp>

namespace pulsepin {
namespace {

double rounded(double value, double steps) {
    return std::round(value * steps) / steps;
}
double microseconds(Seconds time) {
    return rounded(time.value, 1e6);
}

} // namespace

std::string analysis_to_json(const Analysis& analysis) {
    using nlohmann::ordered_json;
    ordered_json beats = ordered_json::array(), confidence = ordered_json::array(),
                 downbeats = ordered_json::array();
    ordered_json onsets = ordered_json::array(), strength = ordered_json::array(),
                 tempi = ordered_json::array();
    if (analysis.grid) {
        auto number = analysis.grid->first_beat();
        for (const auto& beat : analysis.grid->beats()) {
            beats.push_back(microseconds(beat.time));
            confidence.push_back(rounded(static_cast<double>(beat.confidence), 1e3));
            if (analysis.grid->is_downbeat(number++))
                downbeats.push_back(microseconds(beat.time));
        }
    }
    for (const auto& onset : analysis.onsets) {
        onsets.push_back(microseconds(onset.time));
        strength.push_back(rounded(static_cast<double>(onset.strength), 1e3));
    }
    for (const auto& tempo : analysis.tempi)
        tempi.push_back({{"bpm", rounded(tempo.tempo.value, 1e2)},
                         {"confidence", rounded(static_cast<double>(tempo.confidence), 1e3)}});
    ordered_json j;
    j["duration"] = microseconds(analysis.duration);
    j["tempo"] =
        analysis.grid ? ordered_json(rounded(analysis.grid->typical_tempo().value, 1e3)) : ordered_json();
    j["tempo_candidates"] = tempi;
    j["metre"] =
        analysis.grid ? ordered_json(format_metre(analysis.grid->metre_at(Ticks(0)))) : ordered_json();
    j["beats"] = beats;
    j["beats_confidence"] = confidence;
    j["downbeats"] = downbeats;
    j["onsets"] = onsets;
    j["onsets_strength"] = strength;
    return j.dump(1) + "\n";
}

} // namespace pulsepin
