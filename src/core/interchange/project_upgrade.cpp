// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/project_upgrade.h"

#include "follow/sources.h"
#include "follow/steps.h"
#include "interchange/param_json.h"
#include "model/project.h"
#include "schedule/picker_tables.h"

#include <algorithm>

namespace pulsepin {
namespace {

using nlohmann::json;

std::vector<double> numbers_in(const json& list) {
    std::vector<double> numbers;
    for (const auto& value : list)
        numbers.push_back(value.is_number() ? value.get<double>() : 0);
    return numbers;
}

std::string id_in(const json& j, const char* name) {
    const auto found = j.find(name);
    return found != j.end() && found->is_string() ? found->get<std::string>() : std::string();
}

void move_value(json& from, const char* name, json& values, const char* id) {
    if (const auto found = from.find(name); found != from.end()) {
        values[id] = *found;
        from.erase(found);
    }
}

// -- version 1 had parameters by their places

/// The cells of a pattern were the bits of two numbers.
void upgrade_steps(json& values, const std::vector<double>& numbers) {
    std::vector<bool> on;
    for (std::size_t half = 2; half < numbers.size() && half < 4; ++half)
        for (int bit = 0; bit < 32; ++bit)
            on.push_back((static_cast<std::uint64_t>(std::max(0.0, numbers[half])) >> bit & 1u) != 0);
    while (on.size() > 1 && !on.back())
        on.pop_back();
    values["on"] = {{"steps", text_of_steps(on)}};
}

void upgrade_filter(json& use) {
    const auto found = use.find("parameters");
    if (found == use.end() || !found->is_array())
        return;
    const auto* row = picker_filter(id_in(use, "id"));
    const auto numbers = numbers_in(*found);
    json values = row ? values_json(values_of_positions(row->parameters, numbers)) : json::object();
    if (row && row->id == "steps")
        upgrade_steps(values, numbers);
    use["values"] = std::move(values);
    use.erase("parameters");
}

void upgrade_picker(json& picker) {
    if (!picker.is_object())
        return;
    json values = picker.value("values", json::object());
    const auto* source = picker_source(id_in(picker, "source"));
    for (const auto& spec : source ? source->parameters : ParamSpecs())
        move_value(picker, spec.id == "swing" ? "swing" : "argument", values, std::string(spec.id).c_str());
    picker.erase("swing");
    picker.erase("argument");
    if (!values.empty())
        picker["values"] = std::move(values);
    if (const auto filters = picker.find("filters"); filters != picker.end() && filters->is_array())
        for (auto& use : *filters)
            if (use.is_object())
                upgrade_filter(use);
}

void upgrade_follower(json& follower) {
    if (!follower.is_object() || follower.contains("values"))
        return;
    constexpr std::pair<const char*, const char*> names[] = {
        {"measure", "measure"}, {"part", "part"},   {"channel", "channel"}, {"from_hz", "from"},
        {"until_hz", "until"},  {"row", "row"},     {"fall_ms", "fall"},    {"wave", "wave"},
        {"period", "period"},   {"phase", "phase"}, {"lane", "lane"},       {"in_bars", "counted"}};
    const auto* source = follower_source(id_in(follower, "source"));
    json values = json::object(), old = follower;
    for (const auto& [before, now] : names) {
        const auto found = old.find(before);
        follower.erase(before);
        if (found == old.end() || !source || !find_param(source->parameters, now))
            continue;
        const std::string_view id = now;
        values[now] = id == "counted" ? json(*found == true ? "bars" : "beats")
                      : id == "lane"  ? json{{"lane", *found}}
                                      : *found;
    }
    follower["values"] = std::move(values);
    if (const auto steps = follower.find("steps"); steps != follower.end() && steps->is_array())
        for (auto& step : *steps) {
            const auto list = step.is_object() ? step.find("values") : step.end();
            if (!step.is_object() || list == step.end() || !list->is_array())
                continue;
            const auto* row = follower_step(id_in(step, "id"));
            const ParamSpecs specs = row ? row->parameters : ParamSpecs();
            json shaped = find_param(specs, "other")
                              ? json{{"other", {{"lane", step.value("other", json(0))}}}}
                              : values_json(values_of_positions(specs, numbers_in(*list)));
            step["values"] = std::move(shaped);
            step.erase("other");
        }
}

/// Calls `upgrade` with what is called `name` in each object of a list.
template <class Upgrade>
void in_each(json& project, const char* list, std::initializer_list<const char*> path, Upgrade upgrade) {
    const auto found = project.find(list);
    if (found == project.end() || !found->is_array())
        return;
    for (auto& one : *found) {
        json* at = &one;
        for (const char* name : path) {
            if (!at->is_object() || !at->contains(name)) {
                at = nullptr;
                break;
            }
            at = &(*at)[name];
        }
        if (at)
            upgrade(*at);
    }
}

/// What the first files did not have yet.
void add_missing(json& object, std::initializer_list<std::pair<const char*, json>> usual) {
    if (object.is_object())
        for (const auto& [name, value] : usual)
            if (!object.contains(name))
                object[name] = value;
}

/// One row of onsets, without a name; shares as they were computed, a rounding beyond their ends.
void upgrade_found(json& found) {
    if (!found.is_object())
        return;
    if (!found.contains("rows")) {
        json row{{"name", "everything"},  {"function", "full"},   {"sensitivity", 0.5},
                 {"least_strength", 0.0}, {"smallest_gap", 0.03}, {"shown", true}};
        if (const auto onsets = found.find("onsets"); onsets != found.end() && onsets->is_object())
            row.update(*onsets);
        found["rows"] = json::array({row});
        found.erase("onsets");
    }
    add_missing(found, {{"pulse", 1.0}, {"levels", json::array()}, {"sections", json::array()}});
}

void mend_shares(json& value) {
    constexpr double beyond = 0.01;
    if (value.is_number()) {
        const double share = value.get<double>();
        if (share >= -beyond && share <= 1 + beyond)
            value = std::clamp(share, 0.0, 1.0);
    } else if (value.is_array() || value.is_object()) {
        for (auto& inner : value)
            mend_shares(inner);
    }
}

/// Everything that is called "confidence".
void mend_confidence(json& value) {
    if (value.is_object())
        for (auto& [name, inner] : value.items()) {
            if (name == "confidence")
                mend_shares(inner);
            else
                mend_confidence(inner);
        }
    else if (value.is_array())
        for (auto& inner : value)
            mend_confidence(inner);
}

void add_missing_parts(json& project) {
    const Stage usual;
    json layers = json::array();
    for (const auto& layer : usual.layers)
        layers.push_back({{"id", layer.id.value},
                          {"kind", layer.kind == layers::camera ? "camera" : "shots"},
                          {"name", layer.name},
                          {"values", json::object()}});
    const json none = json::array();
    add_missing(project, {{"layers", layers}, {"excluded", none}, {"pickers", none}, {"pulses", none}});
    const ScheduleText text;
    if (const auto settings = project.find("settings"); settings != project.end())
        add_missing(*settings, {{"schedule_text",
                                 {{"pattern", text.pattern},
                                  {"separator", text.separator},
                                  {"decimals", text.decimals},
                                  {"keys", "straight"}}}});
    in_each(project, "bin", {}, [](json& clip) {
        add_missing(clip, {{"has_picture", true}, {"has_sound", false}});
    });
    in_each(project, "lanes", {"motion"}, [](json& motion) {
        if (const auto follower = motion.is_object() ? motion.find("follower") : motion.end();
            follower != motion.end())
            add_missing(*follower, {{"values", json::object()}});
    });
    for (const char* name : {"found", "grid"})
        if (const auto part = project.find(name); part != project.end()) {
            if (std::string_view(name) == "found")
                upgrade_found(*part);
            mend_confidence(*part);
        }
    if (const auto found = project.find("found"); found != project.end() && found->is_object())
        if (const auto pulse = found->find("pulse"); pulse != found->end())
            mend_shares(*pulse);
}

void from_1_to_2(json& project) {
    in_each(project, "plantings", {"picker"}, upgrade_picker);
    in_each(project, "pickers", {"picker"}, upgrade_picker);
    in_each(project, "lanes", {"motion", "follower"}, upgrade_follower);
    add_missing_parts(project);
}

} // namespace

void upgrade_project(json& project, std::int64_t version) {
    if (version < 2)
        from_1_to_2(project);
    // Version 3 added poses, slates, framings, clicks and pickers by the clock; version 4 how the song is
    // heard, lines of gain, what rows were found in, what lies over a curve; version 5 appearances, groups,
    // effects in an order, mattes and looks; version 6 words, notes, exposures and the band; version 7
    // what the piece is checked against: what earlier versions say stays as it is.
    project["version"] = 7;
}

} // namespace pulsepin
