// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/param_json.h"

#include "interchange/colour_text.h"
#include "interchange/json_fields.h"

namespace pulsepin {
namespace {

using nlohmann::json;

struct Write {
    json operator()(double number) const { return number; }
    json operator()(const std::string& text) const { return text; }
    json operator()(LaneId lane) const { return {{"lane", lane.value}}; }
    json operator()(Colour colour) const { return {{"colour", colour_text(colour)}}; }
    json operator()(const std::vector<bool>& steps) const { return {{"steps", text_of_steps(steps)}}; }
};

ParamValue read_value(const json& j, const std::string& id) {
    if (j.is_number())
        return number_of_json(j, id.c_str(), limits::value);
    if (j.is_string()) {
        require(j.get_ref<const std::string&>().size() <= limits::note, "\"" + id + "\" is too long");
        return j.get<std::string>();
    }
    require(j.is_object(), "\"" + id + "\" has a value that cannot be read");
    if (const auto* colour = optional_field(j, "colour"))
        return read_colour(*colour);
    if (optional_field(j, "steps")) {
        const auto text = text_field(j, "steps");
        require(text.find_first_not_of("x.") == std::string::npos, "steps are written as x and .");
        return steps_of_text(text);
    }
    return id_or_none<LaneId>(j, "lane");
}

} // namespace

json values_json(const ParamValues& values) {
    json j = json::object();
    for (const auto& [id, value] : values)
        j[id] = std::visit(Write{}, value);
    return j;
}

ParamValues read_values(const json& object, const char* name) {
    ParamValues values;
    const auto* list = optional_field(object, name);
    if (!list)
        return values;
    require(list->is_object() && list->size() <= limits::few,
            "\"" + std::string(name) + "\" must be a list of values");
    for (const auto& [id, value] : list->items())
        values.set(id, read_value(value, id));
    return values;
}

} // namespace pulsepin
