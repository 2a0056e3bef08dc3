// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/analysis_json.h"

#include "time/musical_text.h"

#include <algorithm>
#include <cmath>
#include <nlohmann/json.hpp>

namespace pulsepin {
namespace {

using nlohmann::ordered_json;

double rounded(double value, double steps) {
    return std::round(value * steps) / steps;
}
double rounded(float value) {
    return rounded(static_cast<double>(value), 1e3);
}
double microseconds(Seconds time) {
    return rounded(time.value, 1e6);
}

void put_onsets(ordered_json& j, const std::string& key, const std::vector<Onset>& onsets) {
    ordered_json times = ordered_json::array(), strengths = ordered_json::array();
    for (const auto& onset : onsets) {
        times.push_back(microseconds(onset.time));
        strengths.push_back(rounded(onset.strength));
    }
    j[key] = times;
    j[key + "_strength"] = strengths;
}

void put_drum(ordered_json& j, const Analysis& a, Drum drum) {
    const auto which = static_cast<std::size_t>(drum);
    put_onsets(j, std::string(drum_names[which]), a.drums[which]);
}

void put_beats(ordered_json& j, const Analysis& a, bool only_downbeats) {
    ordered_json times = ordered_json::array(), confidences = ordered_json::array();
    if (a.grid) {
        auto number = a.grid->first_beat();
        for (const auto& beat : a.grid->beats()) {
            if (!only_downbeats || a.grid->is_downbeat(number)) {
                times.push_back(microseconds(beat.time));
                confidences.push_back(rounded(beat.confidence));
            }
            ++number;
        }
    }
    const std::string key = only_downbeats ? "downbeats" : "beats";
    j[key] = times;
    j[key + "_confidence"] = confidences;
}

struct Feature {
    std::string_view key;
    void (*put)(ordered_json&, const Analysis&);
};

constexpr Feature table[] = {
    {"duration", [](ordered_json& j, const Analysis& a) { j["duration"] = microseconds(a.duration); }},
    {"tempo",
     [](ordered_json& j, const Analysis& a) {
         j["tempo"] = a.grid ? ordered_json(rounded(a.grid->typical_tempo().value, 1e3)) : ordered_json();
         j["pulse_confidence"] = rounded(a.pulse);
         j["off_beat_confidence"] = rounded(a.off_beat);
     }},
    {"tempo_candidates",
     [](ordered_json& j, const Analysis& a) {
         ordered_json tempi = ordered_json::array(), confidences = ordered_json::array();
         for (const auto& tempo : a.tempi) {
             tempi.push_back(rounded(tempo.tempo.value, 1e2));
             confidences.push_back(rounded(tempo.confidence));
         }
         j["tempo_candidates"] = tempi;
         j["tempo_candidates_confidence"] = confidences;
     }},
    {"metre",
     [](ordered_json& j, const Analysis& a) {
         j["metre"] = a.grid ? ordered_json(format_metre(a.grid->metre_at(Ticks(0)))) : ordered_json();
     }},
    {"beats", [](ordered_json& j, const Analysis& a) { put_beats(j, a, false); }},
    {"downbeats", [](ordered_json& j, const Analysis& a) { put_beats(j, a, true); }},
    {"swing",
     [](ordered_json& j, const Analysis& a) {
         j["swing"] = a.swing ? ordered_json(rounded(*a.swing, 1e3)) : ordered_json();
     }},
    {"onsets", [](ordered_json& j, const Analysis& a) { put_onsets(j, "onsets", a.onsets); }},
    {"kick", [](ordered_json& j, const Analysis& a) { put_drum(j, a, Drum::Kick); }},
    {"snare", [](ordered_json& j, const Analysis& a) { put_drum(j, a, Drum::Snare); }},
    {"hat", [](ordered_json& j, const Analysis& a) { put_drum(j, a, Drum::Hat); }},
    {"tom", [](ordered_json& j, const Analysis& a) { put_drum(j, a, Drum::Tom); }},
    {"ride", [](ordered_json& j, const Analysis& a) { put_drum(j, a, Drum::Ride); }},
    {"crash", [](ordered_json& j, const Analysis& a) { put_drum(j, a, Drum::Crash); }},
    {"clap", [](ordered_json& j, const Analysis& a) { put_drum(j, a, Drum::Clap); }},
    {"steps", [](ordered_json& j, const Analysis& a) { put_onsets(j, "steps", a.steps); }},
    {"sections",
     [](ordered_json& j, const Analysis& a) {
         ordered_json starts = ordered_json::array(), labels = ordered_json::array(),
                      confidences = ordered_json::array();
         for (const auto& section : a.sections) {
             starts.push_back(microseconds(section.start));
             labels.push_back(section_name(section) + (section.drop ? " (drop)" : ""));
             confidences.push_back(rounded(section.confidence));
         }
         j["sections"] = starts;
         j["sections_label"] = labels;
         j["sections_confidence"] = confidences;
     }},
    {"loudness",
     [](ordered_json& j, const Analysis& a) {
         ordered_json values = ordered_json::array(), times = ordered_json::array();
         for (std::size_t i = 0; i < a.loudness.short_term.size(); ++i) {
             times.push_back(static_cast<double>(i) * Loudness::step);
             values.push_back(rounded(static_cast<double>(a.loudness.short_term[i]), 1e2));
         }
         j["loudness"] = rounded(static_cast<double>(a.loudness.integrated), 1e2);
         j["loudness_short_term"] = values;
         j["loudness_short_term_times"] = times;
     }},
};

constexpr auto keys = [] {
    std::array<std::string_view, std::size(table)> out{};
    for (std::size_t i = 0; i < out.size(); ++i)
        out[i] = table[i].key;
    return out;
}();

} // namespace

std::span<const std::string_view> analysis_features() {
    return keys;
}

std::string analysis_to_json(const Analysis& analysis, std::span<const std::string> wanted) {
    ordered_json j;
    for (const auto& feature : table)
        if (wanted.empty() || std::find(wanted.begin(), wanted.end(), feature.key) != wanted.end())
            feature.put(j, analysis);
    return j.dump(1) + "\n";
}

} // namespace pulsepin
