// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/json_fields.h"

#include <cmath>
#include <fmt/core.h>

namespace pulsepin {

using nlohmann::json;

namespace {

[[noreturn]] void refuse(const char* name, const json& value, const std::string& wanted) {
    throw BadField(fmt::format("\"{}\" is {}, which is no {}", name, shown_in_message(value), wanted));
}

} // namespace

std::string shown_in_message(const json& value) {
    if (value.is_array())
        return "a list";
    if (value.is_object())
        return "a group of fields";
    std::string text = value.dump(-1, ' ', true, json::error_handler_t::replace);
    if (text.size() > 40) {
        text.resize(37);
        text.append("...");
    }
    return text;
}

const json& field(const json& object, const char* name) {
    require(object.is_object(), fmt::format("{} stands where a group of fields with \"{}\" should be",
                                            shown_in_message(object), name));
    const auto found = object.find(name);
    if (found == object.end())
        throw BadField(std::string("\"") + name + "\" is missing");
    return *found;
}

const json* optional_field(const json& object, const char* name) {
    require(object.is_object(),
            fmt::format("{} stands where a group of fields should be", shown_in_message(object)));
    const auto found = object.find(name);
    return found == object.end() ? nullptr : &*found;
}

std::int64_t whole_of_json(const json& value, const char* name, limits::Whole range) {
    const auto wanted = [&] { return fmt::format("whole number from {} to {}", range.least, range.most); };
    if (value.is_number_unsigned()) {
        const auto number = value.get<std::uint64_t>();
        if (number > static_cast<std::uint64_t>(std::max<std::int64_t>(range.most, 0)))
            refuse(name, value, wanted());
    } else if (value.is_number_float()) { // 3.0 is a whole number (JSON Schema)
        const auto number = value.get<double>();
        if (number != std::floor(number) || !(std::abs(number) < 9e15))
            refuse(name, value, wanted());
    } else if (!value.is_number_integer()) {
        refuse(name, value, wanted());
    }
    const auto number = value.get<std::int64_t>();
    if (!range.holds(number))
        refuse(name, value, wanted());
    return number;
}

double number_of_json(const json& value, const char* name, limits::Real range) {
    if (!value.is_number() || !range.holds(value.get<double>()))
        refuse(name, value, fmt::format("number from {} to {}", range.least, range.most));
    return value.get<double>();
}

std::int64_t whole_field(const json& object, const char* name, limits::Whole range) {
    return whole_of_json(field(object, name), name, range);
}

std::int64_t whole_field(const json& object, const char* name, limits::Whole range, std::int64_t otherwise) {
    const auto* value = optional_field(object, name);
    return value ? whole_of_json(*value, name, range) : otherwise;
}

double number_field(const json& object, const char* name, limits::Real range) {
    return number_of_json(field(object, name), name, range);
}

double number_field(const json& object, const char* name, limits::Real range, double otherwise) {
    const auto* value = optional_field(object, name);
    return value ? number_of_json(*value, name, range) : otherwise;
}

bool flag_field(const json& object, const char* name) {
    const auto& value = field(object, name);
    if (!value.is_boolean())
        refuse(name, value, "true or false");
    return value.get<bool>();
}

bool flag_field(const json& object, const char* name, bool otherwise) {
    return optional_field(object, name) ? flag_field(object, name) : otherwise;
}

std::string text_field(const json& object, const char* name, std::size_t most) {
    const auto& value = field(object, name);
    if (!value.is_string())
        refuse(name, value, "text");
    const auto& text = value.get_ref<const std::string&>();
    if (text.size() > most)
        throw BadField(
            fmt::format("\"{}\" is a text of {} bytes; at most {} are read", name, text.size(), most));
    return text;
}

std::string text_field(const json& object, const char* name, std::size_t most, const std::string& otherwise) {
    return optional_field(object, name) ? text_field(object, name, most) : otherwise;
}

const json& list_field(const json& object, const char* name, std::size_t most) {
    const auto& value = field(object, name);
    if (!value.is_array())
        refuse(name, value, "list");
    if (value.size() > most)
        throw BadField(fmt::format("\"{}\" has {} entries; at most {} are read", name, value.size(), most));
    return value;
}

const json& optional_list(const json& object, const char* name, std::size_t most) {
    static const json none = json::array();
    return optional_field(object, name) ? list_field(object, name, most) : none;
}

} // namespace pulsepin
