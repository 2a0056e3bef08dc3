// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/json_archive.h"

#include "interchange/json_fields.h"
#include "interchange/motion_json.h"
#include "interchange/pin_json.h"

#include <algorithm>

namespace pulsepin {

using nlohmann::json;

namespace {

/// Whether a value need not be written: it is the usual one, and may be left out.
template <class T>
bool omitted(const T& value, Fields::Presence presence) {
    return presence == Fields::optional && value == T{};
}

} // namespace

// -- writing

void JsonWriter::text(const char* name, std::string& value, std::size_t, Presence presence) {
    if (!omitted(value, presence))
        object_[name] = value;
}
void JsonWriter::number(const char* name, double& value, limits::Real, Presence presence) {
    if (!omitted(value, presence))
        object_[name] = value;
}
void JsonWriter::whole(const char* name, std::int64_t& value, limits::Whole, Presence presence) {
    if (!omitted(value, presence))
        object_[name] = value;
}
void JsonWriter::flag(const char* name, bool& value, Presence presence) {
    if (!omitted(value, presence))
        object_[name] = value;
}
void JsonWriter::choice(const char* name, int& value, std::span<const std::string_view> ids,
                        Presence presence) {
    if (!omitted(value, presence))
        object_[name] = ids[static_cast<std::size_t>(value)];
}
void JsonWriter::id(const char* name, std::uint64_t& value, Presence) {
    object_[name] = value;
}
void JsonWriter::colour(const char* name, Colour& value) {
    object_[name] = colour_text(value);
}
void JsonWriter::length(const char* name, Length& value) {
    write_length(object_, name, value);
}
void JsonWriter::easing(const char* name, Easing& value) {
    object_[name] = easing_json(value);
}
void JsonWriter::pulse(const char* name, std::shared_ptr<const Pulse>& value) {
    if (value)
        object_[name] = pulse_json(*value);
}
void JsonWriter::object(const char* name, const std::function<void(Fields&)>& fields) {
    json inner = json::object();
    JsonWriter writer(inner);
    fields(writer);
    object_[name] = std::move(inner);
}

// -- reading

bool JsonReader::left_out(const char* name, Presence presence) const {
    return presence == optional && !optional_field(object_, name);
}
void JsonReader::text(const char* name, std::string& value, std::size_t most, Presence presence) {
    if (!left_out(name, presence))
        value = text_field(object_, name, most);
}
void JsonReader::number(const char* name, double& value, limits::Real range, Presence presence) {
    if (!left_out(name, presence))
        value = number_field(object_, name, range);
}
void JsonReader::whole(const char* name, std::int64_t& value, limits::Whole range, Presence presence) {
    if (!left_out(name, presence))
        value = whole_field(object_, name, range);
}
void JsonReader::flag(const char* name, bool& value, Presence presence) {
    if (!left_out(name, presence))
        value = flag_field(object_, name);
}
void JsonReader::choice(const char* name, int& value, std::span<const std::string_view> ids,
                        Presence presence) {
    if (left_out(name, presence))
        return;
    const auto id = text_field(object_, name);
    const auto found = std::find(ids.begin(), ids.end(), id);
    require(found != ids.end(), "\"" + std::string(name) + "\" has the unknown value \"" + id + "\"");
    value = static_cast<int>(found - ids.begin());
}
void JsonReader::id(const char* name, std::uint64_t& value, Presence presence) {
    value =
        static_cast<std::uint64_t>(presence == optional ? whole_field(object_, name, limits::id_or_none, 0)
                                                        : whole_field(object_, name, limits::id));
}
void JsonReader::colour(const char* name, Colour& value) {
    value = read_colour(field(object_, name));
}
void JsonReader::length(const char* name, Length& value) {
    value = read_length(object_, name);
}
void JsonReader::easing(const char* name, Easing& value) {
    value = read_easing(field(object_, name));
}
void JsonReader::pulse(const char* name, std::shared_ptr<const Pulse>& value) {
    if (const auto* shape = optional_field(object_, name))
        value = std::make_shared<const Pulse>(read_pulse(*shape));
}
void JsonReader::object(const char* name, const std::function<void(Fields&)>& fields) {
    JsonReader reader(field(object_, name));
    fields(reader);
}

// -- publishing

void SchemaWriter::add(const char* name, json property, Presence presence) {
    properties_[name] = std::move(property);
    if (presence == required)
        required_.push_back(name);
}
void SchemaWriter::text(const char* name, std::string&, std::size_t most, Presence presence) {
    add(name, {{"type", "string"}, {"maxLength", most}}, presence);
}
void SchemaWriter::number(const char* name, double&, limits::Real range, Presence presence) {
    add(name, {{"type", "number"}, {"minimum", range.least}, {"maximum", range.most}}, presence);
}
void SchemaWriter::whole(const char* name, std::int64_t&, limits::Whole range, Presence presence) {
    add(name, {{"type", "integer"}, {"minimum", range.least}, {"maximum", range.most}}, presence);
}
void SchemaWriter::flag(const char* name, bool&, Presence presence) {
    add(name, {{"type", "boolean"}}, presence);
}
void SchemaWriter::choice(const char* name, int&, std::span<const std::string_view> ids, Presence presence) {
    add(name, {{"enum", std::vector<std::string>(ids.begin(), ids.end())}}, presence);
}
void SchemaWriter::id(const char* name, std::uint64_t&, Presence presence) {
    const auto range = presence == optional ? limits::id_or_none : limits::id;
    add(name, {{"type", "integer"}, {"minimum", range.least}, {"maximum", range.most}}, presence);
}
void SchemaWriter::colour(const char* name, Colour&) {
    add(name, {{"type", "string"}, {"pattern", "^#[0-9a-fA-F]{6}$"}});
}
void SchemaWriter::length(const char* name, Length&) {
    add(name, {{"$ref", "#/$defs/length"}}, optional);
}
void SchemaWriter::easing(const char* name, Easing&) {
    add(name, {{"$ref", "#/$defs/easing"}});
}
void SchemaWriter::pulse(const char* name, std::shared_ptr<const Pulse>&) {
    add(name, {{"$ref", "#/$defs/pulse"}}, optional);
}
void SchemaWriter::object(const char* name, const std::function<void(Fields&)>& fields) {
    SchemaWriter inner;
    fields(inner);
    add(name, inner.schema());
}
json SchemaWriter::schema() const {
    return {{"type", "object"}, {"required", required_}, {"properties", properties_}};
}

} // namespace pulsepin
