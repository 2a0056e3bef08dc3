// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/cue_sheet.h"

#include "base/csv_text.h"
#include "base/pattern_text.h"
#include "hand/driving.h"
#include "kinds/kinds.h"
#include "time/musical_text.h"
#include "time/timecode.h"

#include <algorithm>
#include <fmt/core.h>
#include <map>
#include <set>

namespace pulsepin {
namespace {

constexpr ParamSpec parameters[] = {
    {.id = "pattern",
     .label = "each line",
     .type = ParamType::Text,
     .explains =
         "{frame} {end} {frames} {time} {timecode} {bar} {what} {lane} {name} {drives}, and what can be told "
         "of a pin, as {note}, {strength}, {value}; \\t is a tab",
     .initial_text = "{timecode}\\t{bar}\\t{what}\\t{name}\\t{value}\\t{note}"},
    {.id = "kinds",
     .label = "kinds",
     .type = ParamType::Text,
     .explains = "as \"markers, words, triggers\"; none named: all"},
};

constexpr std::string_view own_names[] = {"frame", "end",  "frames", "time", "timecode",
                                          "bar",   "what", "lane",   "name", "drives"};

struct Cue {
    const Lane* lane;
    const ResolvedPin* pin;
    std::optional<Frames> end;
};

/// The first frame that each pin of a lane no longer lasts; those that are not there are moments.
std::map<PinId, Frames> ends_of(const LaneSpans& spans) {
    std::map<PinId, Frames> ends;
    for (const auto& span : spans.triggers)
        ends.emplace(span.pin, span.end);
    for (const auto& span : spans.appearances)
        ends.emplace(span.pin, span.end);
    for (const auto& span : spans.texts)
        ends.emplace(span.pin, span.until);
    for (const auto& span : spans.shots)
        ends.emplace(span.cut, span.end);
    return ends;
}

/// Names in a list with commas; fails for one that is no kind of lane.
Result<std::set<std::string>> kinds_named(const std::string& list) {
    std::set<std::string> named;
    std::string known;
    for (const LaneKind kind : lane_kinds())
        known += (known.empty() ? "" : ", ") + std::string(kind->id);
    for (std::size_t at = 0; at < list.size();) {
        const auto comma = std::min(list.find(',', at), list.size());
        std::string name = list.substr(at, comma - at);
        name.erase(0, name.find_first_not_of(' '));
        name.erase(name.find_last_not_of(' ') + 1);
        if (!name.empty() && !lane_kind_by_id(name))
            return fail("There is no kind of lane called \"" + name + "\".", {}, "There are: " + known + ".");
        if (!name.empty())
            named.insert(name);
        at = comma + 1;
    }
    return named;
}

/// Tabs are typed as \t.
std::string with_tabs(std::string pattern) {
    for (std::size_t at = 0; (at = pattern.find("\\t", at)) != std::string::npos; ++at)
        pattern.replace(at, 2, "\t");
    return pattern;
}

/// What a person wrote, on one line: breaks become strokes. Where it goes into the cells of a table, what
/// would run there as a formula is marked as text.
std::string as_written(std::string text, bool in_cells) {
    if (in_cells && begins_as_formula(text))
        text.insert(text.begin(), '\'');
    for (std::size_t at = 0; (at = text.find_first_of("\r\n", at)) != std::string::npos;)
        text.replace(at, text.compare(at, 2, "\r\n") == 0 ? 2 : 1, " / ");
    return text;
}

bool is_property_of_any_kind(const std::string& name) {
    return std::ranges::any_of(lane_kinds(), [&](LaneKind kind) {
        return std::ranges::any_of(kind->properties, [&](const auto& one) { return one.spec.id == name; });
    });
}

std::optional<std::string> meaning_of(const std::string& name, const Cue& cue, const Project& project,
                                      bool in_cells) {
    const auto rate = project.settings->frame_rate;
    const PinBody& body = cue.lane->pins[cue.pin->index].body;
    const auto number = [](Frames frames) { return std::to_string(frames.value); };
    if (name == "frame")
        return number(cue.pin->frame);
    if (name == "end")
        return cue.end ? number(*cue.end) : "";
    if (name == "frames")
        return cue.end ? number(*cue.end - cue.pin->frame) : "";
    if (name == "time")
        return fmt::format("{:.6f}", cue.pin->acts_at.value);
    if (name == "timecode")
        return format_timecode(cue.pin->frame, rate,
                               drop_frame_exists(rate) ? TimecodeCount::Drop : TimecodeCount::NonDrop);
    if (name == "bar")
        return project.grid
                   ? format_position(project.grid->position_of(project.grid->nearest_tick(cue.pin->time)))
                   : "";
    if (name == "what")
        return std::string(cue.lane->kind->singular);
    if (name == "lane")
        return as_written(cue.lane->name, in_cells);
    if (name == "name")
        return as_written(cue.lane->kind->name_of(body, project), in_cells);
    if (name == "drives")
        return part_of<Motion>(*cue.lane)
                   ? as_written(target_name(project, part_of<Motion>(*cue.lane)->own.target), in_cells)
                   : "";
    for (const auto& property : cue.lane->kind->properties)
        if (property.spec.id == name)
            return property.spec.type == ParamType::Text
                       ? as_written(text_of_value(property.spec, property.get(body)), in_cells)
                       : text_of_value(property.spec, property.get(body));
    return is_property_of_any_kind(name) ? std::optional(std::string()) : std::nullopt;
}

/// What may stand in a pattern.
std::string known_names() {
    std::set<std::string> names(std::begin(own_names), std::end(own_names));
    for (const LaneKind kind : lane_kinds())
        for (const auto& property : kind->properties)
            names.insert(std::string(property.spec.id));
    std::string text;
    for (const auto& name : names)
        text += (text.empty() ? "{" : ", {") + name + "}";
    return "There are: " + text + ".";
}

} // namespace

ParamSpecs cue_sheet_parameters() {
    return parameters;
}

Result<std::string> write_cue_sheet(const ExportMaterial& material) {
    const Project& project = material.project;
    const ParamValues values = completed(material.values, parameters);
    const auto kinds = kinds_named(values.text("kinds"));
    if (!kinds)
        return tl::unexpected(kinds.error());
    const Schedule& schedule = material.curves.schedule;
    std::vector<Cue> cues;
    for (std::size_t i = 0; i < schedule.size(); ++i) {
        const Lane& lane = *project.lanes[i];
        if (lane.muted || (!kinds->empty() && !kinds->contains(std::string(lane.kind->id))))
            continue;
        const auto ends = ends_of(schedule.spans(i));
        for (const auto& pin : schedule[i].pins) {
            if (lane.pins[pin.index].muted)
                continue;
            const auto end = ends.find(pin.id);
            cues.push_back({&lane, &pin, end == ends.end() ? std::nullopt : std::optional(end->second)});
        }
    }
    if (cues.empty())
        return fail("There is nothing to write.", {}, "Place something first, or name other kinds.");
    std::ranges::stable_sort(cues, {}, [](const Cue& cue) { return cue.pin->frame; });
    const std::string pattern = with_tabs(values.text("pattern")), known = known_names();
    const bool in_cells = pattern.find_first_of("\t,;") != std::string::npos;
    std::string text;
    for (const auto& cue : cues) {
        auto line = replaced(
            pattern, [&](const std::string& name) { return meaning_of(name, cue, project, in_cells); },
            known);
        if (!line)
            return line;
        text += *line + "\n";
    }
    return text;
}

} // namespace pulsepin
