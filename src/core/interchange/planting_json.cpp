// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/json_fields.h"
#include "interchange/pin_json.h"
#include "model/lane_kinds.h"

namespace pulsepin {

using nlohmann::json;

namespace {

constexpr const char* orders[] = {"in-turn", "at-random", "weighted", "by-section", "one-shot"};
constexpr const char* starts[] = {"in-point", "continuing", "marker", "same-moment"};
constexpr const char* strengths[] = {"same", "alternates", "ramps", "onsets", "random"};
constexpr const char* colour_ways[] = {"same", "in-turn", "random", "ramp"};

template <class Choice, std::size_t count>
Choice read_choice(const json& j, const char* name, const char* const (&ids)[count]) {
    const auto id = field(j, name).get<std::string>();
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

std::vector<Ticks> read_ticks(const json& j) {
    std::vector<Ticks> list;
    for (const auto& at : j)
        list.emplace_back(at.get<std::int64_t>());
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
    for (const auto& share : field(j, "shots"))
        choice.shots.push_back(
            {ClipId{field(share, "shot").get<std::uint64_t>()}, field(share, "weight").get<double>()});
    choice.seed = field(j, "seed").get<std::uint32_t>();
    choice.in_point = Seconds(field(j, "in_point").get<double>());
    choice.marker = field(j, "marker").get<std::string>();
    choice.shortest = Frames(field(j, "shortest_frames").get<std::int64_t>());
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
    variation.low = field(j, "low").get<double>();
    variation.high = field(j, "high").get<double>();
    variation.colours = read_choice<Variation::Colours>(j, "colours", colour_ways);
    for (const auto& colour : field(j, "palette"))
        variation.palette.push_back(read_colour(colour));
    variation.seed = field(j, "seed").get<std::uint32_t>();
    return variation;
}

json write(const PlantingForm& form) {
    json body;
    write_body(body, form.body);
    json j{{"kind", lane_kinds()[0].id}, {"body", body}};
    for (const auto& row : lane_kinds())
        if (row.empty_body().index() == form.body.index())
            j["kind"] = row.id;
    if (std::holds_alternative<CutBody>(form.body))
        j["shots"] = write(form.shots);
    if (std::holds_alternative<TriggerBody>(form.body))
        j["variation"] = write(form.variation);
    return j;
}

PlantingForm read_form(const json& j) {
    const auto kind_id = field(j, "kind").get<std::string>();
    const auto* kind = lane_kind_by_id(kind_id);
    require(kind != nullptr, "a planting is of the unknown kind \"" + kind_id + "\"");
    PlantingForm form{read_body(field(j, "body"), kind->kind), {}, {}};
    if (const auto shots = j.find("shots"); shots != j.end())
        form.shots = read_choice_of_shots(*shots);
    if (const auto variation = j.find("variation"); variation != j.end())
        form.variation = read_variation(*variation);
    return form;
}

} // namespace

json picker_json(const Picker& picker) {
    json filters = json::array();
    for (const auto& use : picker.filters)
        filters.push_back({{"id", use.id}, {"parameters", use.parameters}});
    json j{{"source", picker.source},
           {"from", picker.from.value},
           {"until", picker.until.value},
           {"filters", filters}};
    if (!picker.argument.empty())
        j["argument"] = picker.argument;
    if (picker.swing != 1)
        j["swing"] = picker.swing;
    if (!picker.list.empty())
        j["list"] = ticks_json(picker.list);
    if (picker.whole)
        j["whole"] = true;
    return j;
}

Picker read_picker(const json& j) {
    Picker picker{field(j, "source").get<std::string>(),
                  Ticks(field(j, "from").get<std::int64_t>()),
                  Ticks(field(j, "until").get<std::int64_t>()),
                  {}};
    for (const auto& use : field(j, "filters"))
        picker.filters.push_back(
            {field(use, "id").get<std::string>(), field(use, "parameters").get<std::vector<double>>()});
    picker.argument = j.value("argument", std::string());
    picker.swing = j.value("swing", 1.0);
    if (const auto list = j.find("list"); list != j.end())
        picker.list = read_ticks(*list);
    picker.whole = j.value("whole", false);
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
    planting.id = PlantingId{field(j, "id").get<std::uint64_t>()};
    planting.lane = LaneId{field(j, "lane").get<std::uint64_t>()};
    planting.description = field(j, "description").get<std::string>();
    const auto picker = j.find("picker");
    if (picker == j.end()) // of an earlier version: told, but not to be run again
        return planting;
    planting.picker = read_picker(*picker);
    planting.form = read_form(field(j, "form"));
    planting.shift = Ticks(j.value("shift", std::int64_t{0}));
    planting.nudge = Frames(j.value("nudge_frames", std::int64_t{0}));
    if (const auto out = j.find("left_out"); out != j.end())
        planting.left_out = read_ticks(*out);
    return planting;
}

} // namespace pulsepin
