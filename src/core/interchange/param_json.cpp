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
    json operator()(const Length& length) const { return {{"length", text_of_length(length)}}; }
    json operator()(const Easing& easing) const { return {{"easing", text_of_easing(easing)}}; }
    json operator()(ClipId shot) const { return {{"shot", shot.value}}; }
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
    if (optional_field(j, "length")) {
        const auto length = length_of_text(text_field(j, "length"));
        require(length.has_value(), "\"" + id + "\" has a length that cannot be read");
        return *length;
    }
    if (optional_field(j, "easing")) {
        const auto easing = easing_of_text(text_field(j, "easing"));
        require(easing.has_value(), "\"" + id + "\" has an easing that cannot be read");
        return *easing;
    }
    if (optional_field(j, "shot"))
        return id_or_none<ClipId>(j, "shot");
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
