// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/json_fields.h"
#include "interchange/param_json.h"
#include "interchange/pin_json.h"
#include "kinds/kinds.h"

#include <algorithm>

namespace pulsepin {

using nlohmann::json;

namespace {

constexpr const char* orders[] = {"in-turn", "at-random", "weighted", "by-section", "one-shot"};
constexpr const char* starts[] = {"in-point", "continuing", "marker", "same-moment"};
constexpr const char* strengths[] = {"same", "alternates", "ramps", "onsets", "random"};
constexpr const char* colour_ways[] = {"same", "in-turn", "random", "ramp"};

template <class Choice, std::size_t count>
Choice read_choice(const json& j, const char* name, const char* const (&ids)[count]) {
    const auto id = text_field(j, name);
    for (std::size_t i = 0; i < count; ++i)
        if (id == ids[i])
            return static_cast<Choice>(i);
    throw BadField("a planting has the unknown " + std::string(name) + " \"" + id + "\"");
}

json ticks_json(const std::vector<Ticks>& list) {
    json j = json::array();
    for (const Ticks at : list)
        j.push_back(at.value);
    return j;
}

std::vector<Ticks> read_ticks(const json& j, const char* name) {
    std::vector<Ticks> list;
    for (const auto& at : optional_list(j, name))
        list.emplace_back(whole_of_json(at, name, limits::ticks));
    return list;
}

json write(const ShotChoice& choice) {
    json shots = json::array();
    for (const auto& share : choice.shots)
        shots.push_back({{"shot", share.shot.value}, {"weight", share.weight}});
    return {{"order", orders[static_cast<std::size_t>(choice.order)]},
            {"start", starts[static_cast<std::size_t>(choice.start)]},
            {"shots", shots},
            {"seed", choice.seed},
            {"in_point", choice.in_point.value},
            {"marker", choice.marker},
            {"shortest_frames", choice.shortest.value}};
}

ShotChoice read_choice_of_shots(const json& j) {
    ShotChoice choice;
    choice.order = read_choice<ShotChoice::Order>(j, "order", orders);
    choice.start = read_choice<ShotChoice::Start>(j, "start", starts);
    for (const auto& share : list_field(j, "shots"))
        choice.shots.push_back(
            {id_field<ClipId>(share, "shot"), number_field(share, "weight", limits::weight)});
    choice.seed = static_cast<std::uint32_t>(whole_field(j, "seed", limits::seed));
    choice.in_point = Seconds(number_field(j, "in_point", limits::seconds));
    choice.marker = text_field(j, "marker");
    choice.shortest = Frames(whole_field(j, "shortest_frames", limits::frames));
    return choice;
}

json write(const Variation& variation) {
    json palette = json::array();
    for (const Colour colour : variation.palette)
        palette.push_back(colour_text(colour));
    return {{"strength", strengths[static_cast<std::size_t>(variation.strength)]},
            {"low", variation.low},
            {"high", variation.high},
            {"colours", colour_ways[static_cast<std::size_t>(variation.colours)]},
            {"palette", palette},
            {"seed", variation.seed}};
}

Variation read_variation(const json& j) {
    Variation variation;
    variation.strength = read_choice<Variation::Strength>(j, "strength", strengths);
    variation.low = number_field(j, "low", limits::strength);
    variation.high = number_field(j, "high", limits::strength);
    variation.colours = read_choice<Variation::Colours>(j, "colours", colour_ways);
    for (const auto& colour : list_field(j, "palette", limits::few))
        variation.palette.push_back(read_colour(colour));
    variation.seed = static_cast<std::uint32_t>(whole_field(j, "seed", limits::seed));
    return variation;
}

json write(const PlantingForm& form) {
    const auto kinds = lane_kinds();
    const LaneKind kind = *std::find_if(kinds.begin(), kinds.end(), [&](LaneKind one) {
        return one->empty_body().index() == form.body.index();
    });
    json body;
    write_body(body, form.body, kind);
    json j{{"kind", kind->id}, {"body", body}};
    if (std::holds_alternative<CutBody>(form.body))
        j["shots"] = write(form.shots);
    if (std::holds_alternative<TriggerBody>(form.body))
        j["variation"] = write(form.variation);
    return j;
}

PlantingForm read_form(const json& j) {
    const auto kind_id = text_field(j, "kind");
    const auto kind = lane_kind_by_id(kind_id);
    require(kind.has_value(), "a planting is of the unknown kind \"" + kind_id + "\"");
    PlantingForm form{read_body(field(j, "body"), *kind), {}, {}};
    if (const auto* shots = optional_field(j, "shots"))
        form.shots = read_choice_of_shots(*shots);
    if (const auto* variation = optional_field(j, "variation"))
        form.variation = read_variation(*variation);
    return form;
}

} // namespace

json picker_json(const Picker& picker) {
    json filters = json::array();
    for (const auto& use : picker.filters)
        filters.push_back({{"id", use.id}, {"values", values_json(use.values)}});
    json j{{"source", picker.source},
           {"from", picker.from.value},
           {"until", picker.until.value},
           {"filters", filters}};
    if (!picker.values.empty())
        j["values"] = values_json(picker.values);
    if (!picker.list.empty())
        j["list"] = ticks_json(picker.list);
    if (picker.whole)
        j["whole"] = true;
    return j;
}

Picker read_picker(const json& j) {
    Picker picker{text_field(j, "source"),
                  Ticks(whole_field(j, "from", limits::ticks)),
                  Ticks(whole_field(j, "until", limits::ticks)),
                  {}};
    for (const auto& use : list_field(j, "filters", limits::few))
        picker.filters.push_back({text_field(use, "id"), read_values(use, "values")});
    picker.values = read_values(j, "values");
    picker.list = read_ticks(j, "list");
    picker.whole = flag_field(j, "whole", false);
    return picker;
}

json planting_json(const Planting& planting) {
    json j{{"id", planting.id.value}, {"lane", planting.lane.value}, {"description", planting.description}};
    if (!planting.picker)
        return j;
    j["picker"] = picker_json(*planting.picker);
    j["form"] = write(planting.form);
    if (planting.shift != Ticks(0))
        j["shift"] = planting.shift.value;
    if (planting.nudge != Frames(0))
        j["nudge_frames"] = planting.nudge.value;
    if (!planting.left_out.empty())
        j["left_out"] = ticks_json(planting.left_out);
    return j;
}

Planting read_planting(const json& j) {
    Planting planting;
    planting.id = id_field<PlantingId>(j, "id");
    planting.lane = id_or_none<LaneId>(j, "lane");
    planting.description = text_field(j, "description", limits::note);
    const auto* picker = optional_field(j, "picker");
    if (!picker) // of an earlier version: told, but not to be run again
        return planting;
    planting.picker = read_picker(*picker);
    planting.form = read_form(field(j, "form"));
    planting.shift = Ticks(whole_field(j, "shift", limits::ticks, 0));
    planting.nudge = Frames(whole_field(j, "nudge_frames", limits::frames, 0));
    planting.left_out = read_ticks(j, "left_out");
    return planting;
}

} // namespace pulsepin
