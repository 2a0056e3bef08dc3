// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/found_json.h"

#include "interchange/json_fields.h"
#include "time/musical_text.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

using nlohmann::json;

namespace {

constexpr const char* origins[] = {"found", "corrected", "held"};

} // namespace

json grid_json(const BeatGrid& grid) {
    json times = json::array(), confidence = json::array(), origin = json::array(), metres = json::array();
    for (const auto& beat : grid.beats()) {
        times.push_back(beat.time.value);
        confidence.push_back(beat.confidence);
        origin.push_back(origins[static_cast<std::size_t>(beat.origin)]);
    }
    for (const auto& change : grid.metres())
        metres.push_back({{"beat", change.beat}, {"metre", format_metre(change.metre)}});
    return {{"first_beat", grid.first_beat()},
            {"metres", metres},
            {"times", times},
            {"confidence", confidence},
            {"origin", origin}};
}

BeatGrid read_grid(const json& j) {
    const auto& times = field(j, "times");
    const auto& confidence = field(j, "confidence");
    const auto& origin = field(j, "origin");
    require(times.is_array() && times.size() == confidence.size() && times.size() == origin.size(),
            "the lists of the grid differ in length");
    std::vector<GridBeat> beats;
    for (std::size_t i = 0; i < times.size(); ++i) {
        const auto name = origin[i].get<std::string>();
        const auto* known = std::find(std::begin(origins), std::end(origins), name);
        require(known != std::end(origins), "a beat has the unknown origin \"" + name + "\"");
        beats.push_back({Seconds(times[i].get<double>()), confidence[i].get<float>(),
                         static_cast<BeatOrigin>(known - std::begin(origins))});
    }
    std::vector<MetreChange> metres;
    for (const auto& change : field(j, "metres")) {
        const auto metre = parse_metre(field(change, "metre").get<std::string>());
        require(metre.has_value(), "a metre cannot be read");
        metres.push_back({field(change, "beat").get<std::int64_t>(), *metre});
    }
    auto grid =
        BeatGrid::make(std::move(beats), field(j, "first_beat").get<std::int64_t>(), std::move(metres));
    require(grid.has_value(), "the grid is not valid");
    return *std::move(grid);
}

namespace {

json write(const OnsetRow& row) {
    json times = json::array(), strengths = json::array();
    for (const auto& onset : row.onsets) {
        times.push_back(onset.time.value);
        strengths.push_back(onset.strength);
    }
    json j{{"name", row.name},
           {"function", row.function},
           {"sensitivity", row.sensitivity},
           {"least_strength", row.least_strength},
           {"smallest_gap", row.smallest_gap.value},
           {"shown", row.shown},
           {"times", times},
           {"strengths", strengths}};
    if (row.band)
        j["band"] = {row.band->first, row.band->second};
    if (row.like)
        j["like"] = {
            {"from", row.like->from.value}, {"until", row.like->until.value}, {"least", row.like->least}};
    return j;
}

/// Tenths of a decibel are written as such, not with the digits of a binary fraction.
json levels_json(const std::vector<float>& levels) {
    json j = json::array();
    for (const float level : levels) {
        const double tenths = std::round(static_cast<double>(level) * 10) / 10;
        j.push_back(static_cast<float>(tenths) == level ? tenths : static_cast<double>(level));
    }
    return j;
}

} // namespace

json detection_json(const Detection& found) {
    json tempi = json::array(), rows = json::array(), sections = json::array();
    for (const auto& tempo : found.tempi)
        tempi.push_back({{"bpm", tempo.tempo.value}, {"confidence", tempo.confidence}});
    for (const auto& row : found.rows)
        rows.push_back(write(row));
    for (const auto& section : found.sections)
        sections.push_back({{"start", section.start.value},
                            {"end", section.end.value},
                            {"name", section.name},
                            {"drop", section.drop},
                            {"confidence", section.confidence}});
    json j{{"grid", found.grid ? grid_json(*found.grid) : json()},
           {"tempi", tempi},
           {"pulse", found.pulse},
           {"levels", levels_json(found.levels)},
           {"rows", rows},
           {"sections", sections}};
    if (found.swing)
        j["swing"] = *found.swing;
    return j;
}

std::vector<FoundOnset> read_onsets(const json& j) {
    const auto& times = field(j, "times");
    const auto& strengths = field(j, "strengths");
    require(times.is_array() && times.size() == strengths.size(), "the lists of onsets differ in length");
    std::vector<FoundOnset> onsets;
    for (std::size_t i = 0; i < times.size(); ++i)
        onsets.push_back({Seconds(times[i].get<double>()), strengths[i].get<float>()});
    return onsets;
}

OnsetRow read_row(const json& j) {
    OnsetRow row;
    row.name = field(j, "name").get<std::string>();
    row.function = field(j, "function").get<std::string>();
    row.sensitivity = field(j, "sensitivity").get<double>();
    row.least_strength = field(j, "least_strength").get<double>();
    row.smallest_gap = Seconds(field(j, "smallest_gap").get<double>());
    row.shown = field(j, "shown").get<bool>();
    if (const auto band = j.find("band"); band != j.end())
        row.band = {band->at(0).get<double>(), band->at(1).get<double>()};
    if (const auto like = j.find("like"); like != j.end())
        row.like =
            OnsetRow::Like{Seconds(field(*like, "from").get<double>()),
                           Seconds(field(*like, "until").get<double>()), field(*like, "least").get<double>()};
    row.onsets = read_onsets(j);
    return row;
}

Detection read_detection(const json& j) {
    Detection found;
    if (const auto& grid = field(j, "grid"); !grid.is_null())
        found.grid = read_grid(grid);
    for (const auto& tempo : field(j, "tempi"))
        found.tempi.push_back(
            {Bpm(field(tempo, "bpm").get<double>()), field(tempo, "confidence").get<float>()});
    if (const auto pulse = j.find("pulse"); pulse != j.end())
        found.pulse = pulse->get<float>();
    if (const auto levels = j.find("levels"); levels != j.end())
        found.levels = levels->get<std::vector<float>>();
    if (const auto swing = j.find("swing"); swing != j.end())
        found.swing = swing->get<double>();
    if (const auto rows = j.find("rows"); rows != j.end()) {
        for (const auto& row : *rows)
            found.rows.push_back(read_row(row));
    } else { // as earlier versions wrote it: one row, without a name
        OnsetRow row;
        row.name = "everything";
        row.onsets = read_onsets(field(j, "onsets"));
        found.rows.push_back(std::move(row));
    }
    if (const auto sections = j.find("sections"); sections != j.end())
        for (const auto& section : *sections)
            found.sections.push_back(
                {Seconds(field(section, "start").get<double>()), Seconds(field(section, "end").get<double>()),
                 field(section, "name").get<std::string>(), field(section, "drop").get<bool>(),
                 field(section, "confidence").get<float>()});
    return found;
}

} // namespace pulsepin
