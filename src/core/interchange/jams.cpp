// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/jams.h"

#include "interchange/beat_list.h"

#include <algorithm>
#include <cmath>
#include <nlohmann/json.hpp>

namespace pulsepin {
namespace {

using nlohmann::json;
using nlohmann::ordered_json;

ordered_json annotation(const char* name, ordered_json data, double duration) {
    return {{"namespace", name},
            {"data", std::move(data)},
            {"annotation_metadata",
             {{"curator", {{"name", ""}, {"email", ""}}},
              {"annotator", ordered_json::object()},
              {"version", ""},
              {"corpus", ""},
              {"annotation_tools", "Pulse Pin"},
              {"annotation_rules", ""},
              {"validation", ""},
              {"data_source", "program, corrected by hand"}}},
            {"sandbox", ordered_json::object()},
            {"time", 0.0},
            {"duration", duration}};
}

ordered_json observation(Seconds time, Seconds duration, ordered_json value, ordered_json confidence) {
    return {{"time", time.value},
            {"duration", duration.value},
            {"value", std::move(value)},
            {"confidence", std::move(confidence)}};
}

} // namespace

Result<std::string> write_jams(const Project& project) {
    if (!project.grid)
        return fail("There are no beats to write.", {}, "Find the beats first.");
    const auto& grid = *project.grid;
    const Seconds length = project.song ? project.song->duration() : grid.beats().back().time;
    ordered_json beats = ordered_json::array(), positions = ordered_json::array(),
                 onsets = ordered_json::array(), sections = ordered_json::array();
    for (auto number = grid.first_beat(); number <= grid.last_beat(); ++number) {
        const auto& beat = grid.beats()[static_cast<std::size_t>(number - grid.first_beat())];
        const Ticks tick(number * ticks_per_beat);
        const auto place = grid.position_of(tick);
        const auto metre = grid.metre_at(tick);
        const auto confidence = std::round(static_cast<double>(beat.confidence) * 1e4) / 1e4;
        beats.push_back(observation(beat.time, Seconds(0), place.beat, confidence));
        positions.push_back(observation(beat.time, Seconds(0),
                                        {{"position", place.beat},
                                         {"measure", place.bar},
                                         {"num_beats", metre.beats_per_bar},
                                         {"beat_units", metre.beat_unit}},
                                        confidence));
    }
    const ordered_json tempo =
        ordered_json::array({observation(Seconds(0), length, grid.typical_tempo().value, 1.0)});
    ordered_json annotations = {annotation("beat", std::move(beats), length.value),
                                annotation("beat_position", std::move(positions), length.value),
                                annotation("tempo", tempo, length.value)};
    if (project.detection) {
        for (const auto& onset : project.detection->onsets())
            onsets.push_back(observation(onset.time, Seconds(0), nullptr,
                                         std::round(static_cast<double>(onset.strength) * 1e4) / 1e4));
        for (const auto& section : project.detection->sections)
            sections.push_back(observation(section.start, section.end - section.start, section.name,
                                           std::round(static_cast<double>(section.confidence) * 1e4) / 1e4));
        annotations.push_back(annotation("onset", std::move(onsets), length.value));
        annotations.push_back(annotation("segment_open", std::move(sections), length.value));
    }
    const ordered_json out = {{"annotations", std::move(annotations)},
                              {"file_metadata",
                               {{"title", project.song ? project.song->title : ""},
                                {"artist", ""},
                                {"release", ""},
                                {"duration", length.value},
                                {"identifiers", ordered_json::object()},
                                {"jams_version", "0.3.4"}}},
                              {"sandbox", ordered_json::object()}};
    return out.dump(1) + "\n";
}

namespace {

/// 0, which is none, for what can be no number of a beat.
int beat_in_bar(double value) {
    return value >= 0 && value < 1000 ? static_cast<int>(value) : 0;
}

} // namespace

Result<BeatGrid> read_jams(std::string_view text) {
    const json root = json::parse(text, nullptr, false);
    const auto none = [] {
        return fail("There are no beats in this JAMS file.", {},
                    "It needs an annotation of the namespace “beat”.");
    };
    if (!root.is_object() || !root.contains("annotations") || !root["annotations"].is_array())
        return fail("This is no JAMS file.", {}, "A JAMS file is a JSON object with “annotations”.");
    try {
        for (const char* wanted : {"beat_position", "beat"})
            for (const auto& annotation : root["annotations"]) {
                if (annotation.value("namespace", "") != wanted)
                    continue;
                std::vector<std::pair<double, int>> found;
                int unit = 4;
                for (const auto& item : annotation.at("data")) {
                    const auto& value = item.at("value");
                    int in_bar = 0;
                    if (value.is_number())
                        in_bar = beat_in_bar(value.get<double>() + 1e-6);
                    else if (value.is_object())
                        in_bar = beat_in_bar(value.at("position").get<double>()),
                        unit = beat_in_bar(value.value("beat_units", 4.0));
                    found.emplace_back(item.at("time").get<double>(), in_bar);
                }
                std::sort(found.begin(), found.end());
                if (found.size() < 2)
                    return none();
                std::vector<Seconds> times;
                std::vector<int> in_bar;
                for (const auto& [time, place] : found) {
                    times.push_back(Seconds(time));
                    in_bar.push_back(place);
                }
                auto grid = of_usual_tempo(grid_from_beats(times, in_bar));
                if (!grid)
                    return grid;
                auto metres = grid->metres();
                for (auto& change : metres)
                    change.metre.beat_unit = unit;
                return BeatGrid::make(grid->beats(), grid->first_beat(), std::move(metres));
            }
    } catch (const json::exception&) {
        return fail("A beat in this JAMS file has no time or no valid value.", {},
                    "Write the file again with the program that made it.");
    }
    return none();
}

} // namespace pulsepin
