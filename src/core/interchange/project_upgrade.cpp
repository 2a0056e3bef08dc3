// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/project_upgrade.h"

#include "follow/sources.h"
#include "follow/steps.h"
#include "interchange/param_json.h"
#include "schedule/picker_tables.h"

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

void from_1_to_2(json& project) {
    in_each(project, "plantings", {"picker"}, upgrade_picker);
    in_each(project, "pickers", {"picker"}, upgrade_picker);
    in_each(project, "lanes", {"motion", "follower"}, upgrade_follower);
}

} // namespace

void upgrade_project(json& project, std::int64_t version) {
    if (version < 2)
        from_1_to_2(project);
    project["version"] = 2;
}

} // namespace pulsepin
