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

/// What was found is a measurement: where it left its range by a rounding, or is not a number, it is mended
/// rather than that the person's work could not be saved.
double mended(double value, limits::Real range) {
    return std::isfinite(value) ? range.nearest(value) : range.nearest(0);
}

/// Earlier versions wrote shares as they were computed.
float share_of_json(const json& value, const char* name) {
    return static_cast<float>(mended(number_of_json(value, name, {-0.01, 1.01}), limits::share));
}

} // namespace

json grid_json(const BeatGrid& grid) {
    json times = json::array(), confidence = json::array(), origin = json::array(), metres = json::array();
    for (const auto& beat : grid.beats()) {
        times.push_back(beat.time.value);
        confidence.push_back(mended(static_cast<double>(beat.confidence), limits::share));
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
    const auto& times = list_field(j, "times");
    const auto& confidence = list_field(j, "confidence");
    const auto& origin = list_field(j, "origin");
    require(times.size() == confidence.size() && times.size() == origin.size(),
            "the lists of the grid differ in length");
    std::vector<GridBeat> beats;
    for (std::size_t i = 0; i < times.size(); ++i) {
        require(origin[i].is_string(), "a beat has no origin");
        const auto& name = origin[i].get_ref<const std::string&>();
        const auto* known = std::find(std::begin(origins), std::end(origins), name);
        require(known != std::end(origins), "a beat has the unknown origin \"" + name + "\"");
        beats.push_back({Seconds(number_of_json(times[i], "times", limits::seconds)),
                         share_of_json(confidence[i], "confidence"),
                         static_cast<BeatOrigin>(known - std::begin(origins))});
    }
    std::vector<MetreChange> metres;
    for (const auto& change : list_field(j, "metres")) {
        const auto metre = parse_metre(text_field(change, "metre"));
        require(metre.has_value(), "a metre cannot be read");
        metres.push_back({whole_field(change, "beat", limits::metre_beat), *metre});
    }
    auto grid =
        BeatGrid::make(std::move(beats), whole_field(j, "first_beat", limits::metre_beat), std::move(metres));
    if (!grid)
        throw BadField("the grid is not valid: " + grid.error().what);
    return *std::move(grid);
}

namespace {

json write(const OnsetRow& row) {
    json times = json::array(), strengths = json::array();
    for (const auto& onset : row.onsets) {
        times.push_back(onset.time.value);
        strengths.push_back(mended(static_cast<double>(onset.strength), limits::level));
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
        const double kept = mended(static_cast<double>(level), limits::level);
        const double tenths = std::round(kept * 10) / 10;
        j.push_back(static_cast<float>(tenths) == level ? tenths : kept);
    }
    return j;
}

} // namespace

json detection_json(const Detection& found) {
    json tempi = json::array(), rows = json::array(), sections = json::array();
    for (const auto& tempo : found.tempi)
        tempi.push_back({{"bpm", mended(tempo.tempo.value, limits::tempo)},
                         {"confidence", mended(static_cast<double>(tempo.confidence), limits::share)}});
    for (const auto& row : found.rows)
        rows.push_back(write(row));
    for (const auto& section : found.sections)
        sections.push_back({{"start", section.start.value},
                            {"end", section.end.value},
                            {"name", section.name},
                            {"drop", section.drop},
                            {"confidence", mended(static_cast<double>(section.confidence), limits::share)}});
    json j{{"grid", found.grid ? grid_json(*found.grid) : json()},
           {"tempi", tempi},
           {"pulse", mended(static_cast<double>(found.pulse), limits::share)},
           {"levels", levels_json(found.levels)},
           {"rows", rows},
           {"sections", sections}};
    if (found.swing)
        j["swing"] = mended(*found.swing, limits::swing);
    return j;
}

std::vector<FoundOnset> read_onsets(const json& j) {
    const auto& times = list_field(j, "times");
    const auto& strengths = list_field(j, "strengths");
    require(times.size() == strengths.size(), "the lists of onsets differ in length");
    std::vector<FoundOnset> onsets;
    for (std::size_t i = 0; i < times.size(); ++i)
        onsets.push_back({Seconds(number_of_json(times[i], "times", limits::seconds)),
                          static_cast<float>(number_of_json(strengths[i], "strengths", limits::level))});
    return onsets;
}

OnsetRow read_row(const json& j) {
    OnsetRow row;
    row.name = text_field(j, "name");
    row.function = text_field(j, "function");
    row.sensitivity = number_field(j, "sensitivity", limits::share);
    row.least_strength = number_field(j, "least_strength", limits::share);
    row.smallest_gap = Seconds(number_field(j, "smallest_gap", limits::duration));
    row.shown = flag_field(j, "shown");
    if (optional_field(j, "band")) {
        const auto& band = list_field(j, "band", 2);
        require(band.size() == 2, "\"band\" must have two numbers");
        row.band = {number_of_json(band[0], "band", limits::hertz),
                    number_of_json(band[1], "band", limits::hertz)};
    }
    if (const auto* like = optional_field(j, "like"))
        row.like = OnsetRow::Like{Seconds(number_field(*like, "from", limits::seconds)),
                                  Seconds(number_field(*like, "until", limits::seconds)),
                                  number_field(*like, "least", limits::share)};
    row.onsets = read_onsets(j);
    return row;
}

Detection read_detection(const json& j) {
    Detection found;
    if (const auto& grid = field(j, "grid"); !grid.is_null())
        found.grid = read_grid(grid);
    for (const auto& tempo : list_field(j, "tempi", limits::few))
        found.tempi.push_back({Bpm(number_field(tempo, "bpm", limits::tempo)),
                               share_of_json(field(tempo, "confidence"), "confidence")});
    if (const auto* pulse = optional_field(j, "pulse"))
        found.pulse = share_of_json(*pulse, "pulse");
    for (const auto& level : optional_list(j, "levels"))
        found.levels.push_back(static_cast<float>(number_of_json(level, "levels", limits::level)));
    if (optional_field(j, "swing"))
        found.swing = number_field(j, "swing", limits::swing);
    if (optional_field(j, "rows")) {
        for (const auto& row : list_field(j, "rows", limits::few))
            found.rows.push_back(read_row(row));
    } else { // as earlier versions wrote it: one row, without a name
        OnsetRow row;
        row.name = "everything";
        row.onsets = read_onsets(field(j, "onsets"));
        found.rows.push_back(std::move(row));
    }
    for (const auto& section : optional_list(j, "sections"))
        found.sections.push_back({Seconds(number_field(section, "start", limits::seconds)),
                                  Seconds(number_field(section, "end", limits::seconds)),
                                  text_field(section, "name"), flag_field(section, "drop"),
                                  share_of_json(field(section, "confidence"), "confidence")});
    return found;
}

} // namespace pulsepin
