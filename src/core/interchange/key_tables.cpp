// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/key_tables.h"

#include "base/csv_text.h"
#include "interchange/property_keys.h"

#include <fmt/core.h>
#include <nlohmann/json.hpp>

namespace pulsepin {
namespace {

using nlohmann::json;

tl::unexpected<Error> nothing() {
    return fail("There are no keys to write.", {},
                "Place pulses or keys on a lane, or let one follow the music, first.");
}

std::string rate_text(FrameRate rate) {
    return fmt::format("{}/{}", rate.numerator(), rate.denominator());
}

Result<std::string> as_json(const ExportMaterial& m, const std::vector<PropertyKeys>& properties,
                            bool easings) {
    if (properties.empty())
        return nothing();
    // Written as it goes: a tree of all keys of an hour would take gigabytes.
    const auto text_of = [](const std::string& text) {
        return json(text).dump(-1, ' ', false, json::error_handler_t::replace);
    };
    const auto rate = m.project.settings->frame_rate;
    std::string text = fmt::format("{{\n \"format\": \"pulsepin-keys\",\n \"version\": 2,\n \"frame_rate\": "
                                   "\"{}\",\n \"properties\": [",
                                   rate_text(rate));
    for (std::size_t i = 0; i < properties.size(); ++i) {
        const auto& property = properties[i];
        text += fmt::format("{}\n  {{\"lane\": {}, \"property\": {}, \"unit\": {}, \"layer\": {}, "
                            "\"parameter\": {}, \"base\": {},\n   \"keys\": [",
                            i > 0 ? "," : "", text_of(property.lane), text_of(property.property),
                            text_of(property.unit), text_of(property.layer), text_of(property.parameter),
                            property.base ? fmt::format("{}", *property.base) : "null");
        for (std::size_t k = 0; k < property.keys.size(); ++k) {
            const auto& key = property.keys[k];
            text += fmt::format("{}\n    {{\"frame\": {}, \"time\": {}, \"value\": {}", k > 0 ? "," : "",
                                key.frame.value, rate.start_of(key.frame).value, key.value);
            if (easings)
                text += fmt::format(", \"easing\": {}", text_of(easing_text(key.easing)));
            text += '}';
        }
        text += "]}";
    }
    return text + "]\n}\n";
}

} // namespace

Result<std::string> write_key_csv(const ExportMaterial& m) {
    const auto properties = keys_of_properties(m.curves);
    if (properties.empty())
        return nothing();
    const auto rate = m.project.settings->frame_rate;
    std::string text = "lane,property,unit,frame,seconds,value,easing\r\n";
    for (const auto& property : properties)
        for (const auto& key : property.keys)
            text += fmt::format("{},{},{},{},{:.6f},{:.6g},{}\r\n", quoted(property.lane),
                                quoted(property.property), quoted(property.unit), key.frame.value,
                                rate.start_of(key.frame).value, key.value, quoted(easing_text(key.easing)));
    return text;
}

Result<std::string> write_frame_csv(const ExportMaterial& m) {
    const auto properties = frames_of_properties(m.curves);
    if (properties.empty())
        return nothing();
    std::string text = "frame,seconds";
    for (const auto& property : properties)
        text += "," + quoted(property.lane == property.property ? property.lane
                                                                : property.lane + ": " + property.property);
    text += "\r\n";
    const auto rate = m.project.settings->frame_rate;
    for (std::size_t i = 0; i < properties.front().keys.size(); ++i) {
        const Frames frame = properties.front().keys[i].frame;
        text += fmt::format("{},{:.6f}", frame.value, rate.start_of(frame).value);
        for (const auto& property : properties)
            text +=
                i < property.keys.size() ? fmt::format(",{:.6g}", property.keys[i].value) : std::string(",");
        text += "\r\n";
    }
    return text;
}

Result<std::string> write_key_json(const ExportMaterial& m) {
    return as_json(m, keys_of_properties(m.curves), true);
}

Result<std::string> write_frame_json(const ExportMaterial& m) {
    return as_json(m, frames_of_properties(m.curves), false);
}

namespace {

constexpr ParamChoice key_ways[] = {{"as-they-are", "as they are, with easings"},
                                    {"straight", "straight from each to the next"},
                                    {"each-frame", "each frame"}};
constexpr ParamSpec text_parameters[] = {
    {"pattern",
     "pattern",
     ParamType::Text,
     {},
     0,
     0,
     0,
     "{frame}, {time}, {value}, {easing} and {property} are replaced"},
    {"separator", "separator", ParamType::Text, {}, 0, 0, 0, "What stands between two keys"},
    {"decimals", "decimals", ParamType::Whole, {}, 0, 12, 2, "Of values"},
    {"keys", "keys", ParamType::Choice, {}, 0, 0, 0, "Which keys are written", key_ways}};

/// What is not given is as the project has it.
ScheduleText text_of_material(const ExportMaterial& m) {
    ScheduleText how = m.project.settings->schedule_text;
    if (m.values.find("pattern"))
        how.pattern = m.values.text("pattern");
    if (m.values.find("separator"))
        how.separator = m.values.text("separator");
    if (m.values.find("decimals"))
        how.decimals = static_cast<int>(m.values.whole("decimals"));
    for (std::size_t i = 0; i < std::size(key_ways); ++i)
        if (m.values.text("keys") == key_ways[i].id)
            how.keys = static_cast<ScheduleText::Keys>(i);
    return how;
}

} // namespace

ParamSpecs key_text_parameters() {
    return text_parameters;
}

Result<std::string> write_key_text(const ExportMaterial& m) {
    const ScheduleText how = text_of_material(m);
    std::string text;
    for (const auto& lane : m.project.lanes) {
        if (!lane->kind->drives() || lane->muted)
            continue;
        for (const auto& feed : feeds_of(*lane)) {
            auto line = schedule_text(m.curves, *lane, feed, how);
            if (!line)
                return line;
            if (!line->empty())
                text += *line + "\n";
        }
    }
    return text.empty() ? Result<std::string>(nothing()) : text;
}

} // namespace pulsepin
