// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/schema_writer.h"

#include "fields/project_fields.h"
#include "interchange/project_json.h"
#include "kinds/kinds.h"

namespace pulsepin {

using nlohmann::json;

namespace {

json range_of(const char* type, auto range) {
    return {{"type", type}, {"minimum", range.least}, {"maximum", range.most}};
}

json list_of(json items, std::size_t count, std::size_t most) {
    json list{{"type", "array"}, {"items", std::move(items)}, {"maxItems", count > 0 ? count : most}};
    if (count > 0)
        list["minItems"] = count;
    return list;
}

json one_of_ids(std::span<const std::string_view> ids) {
    return {{"enum", std::vector<std::string>(ids.begin(), ids.end())}};
}

const json colour_schema{{"type", "string"}, {"pattern", "^#[0-9a-fA-F]{6}$"}};

/// A value of a parameter (params/param.h), by its id.
json values_schema() {
    const auto only = [](const char* name, json property) {
        return json{{"type", "object"},
                    {"required", {name}},
                    {"properties", {{name, std::move(property)}}},
                    {"additionalProperties", false}};
    };
    return {{"type", "object"},
            {"maxProperties", limits::few},
            {"additionalProperties",
             {{"anyOf",
               {range_of("number", limits::value),
                {{"type", "string"}, {"maxLength", limits::note}},
                only("lane", range_of("integer", limits::id_or_none)),
                only("colour", colour_schema),
                only("steps", {{"type", "string"}, {"pattern", "^[x.]*$"}}),
                only("length", {{"type", "string"}}),
                only("easing", {{"type", "string"}}),
                only("shot", range_of("integer", limits::id_or_none))}}}}};
}

} // namespace

void SchemaWriter::add(const char* name, json property, Presence presence) {
    if (!note_.empty())
        property["description"] = std::exchange(note_, {});
    properties_[name] = std::move(property);
    if (presence == required)
        required_.push_back(name);
}

void SchemaWriter::text(const char* name, std::string&, std::size_t most, Presence presence) {
    add(name, {{"type", "string"}, {"maxLength", most}}, presence);
}
void SchemaWriter::formed_text(const char* name, std::string&, const char* form) {
    add(name, {{"type", "string"}, {"pattern", form}});
}
void SchemaWriter::number(const char* name, double&, limits::Real range, Presence presence) {
    add(name, range_of("number", range), presence);
}
void SchemaWriter::maybe_number(const char* name, std::optional<double>&, limits::Real range) {
    add(name, range_of("number", range), optional);
}
void SchemaWriter::whole(const char* name, std::int64_t&, limits::Whole range, Presence presence) {
    add(name, range_of("integer", range), presence);
}
void SchemaWriter::maybe_whole(const char* name, std::optional<std::int64_t>&, limits::Whole range) {
    add(name, range_of("integer", range), optional);
}
void SchemaWriter::flag(const char* name, bool&, Presence presence) {
    add(name, {{"type", "boolean"}}, presence);
}
void SchemaWriter::choice(const char* name, int&, std::span<const std::string_view> ids, Presence presence) {
    add(name, one_of_ids(ids), presence);
}
void SchemaWriter::id(const char* name, std::uint64_t&, Presence presence) {
    add(name, range_of("integer", presence == optional ? limits::id_or_none : limits::id), presence);
}
void SchemaWriter::colour(const char* name, Colour&, Presence presence) {
    add(name, colour_schema, presence);
}
void SchemaWriter::path(const char* name, std::filesystem::path&) {
    add(name, {{"type", "string"}, {"maxLength", limits::path}});
}
void SchemaWriter::values(const char* name, ParamValues&, Presence presence) {
    definitions_["values"] = values_schema();
    add(name, {{"$ref", "#/$defs/values"}}, presence);
}
void SchemaWriter::numbers_by_name(const char* name, std::map<std::string, double>&, limits::Real range) {
    add(name, {{"type", "object"},
               {"maxProperties", limits::few},
               {"additionalProperties", range_of("number", range)}});
}
void SchemaWriter::numbers(const char* name, std::vector<double>&, limits::Real range, std::size_t count,
                           Presence presence) {
    add(name, list_of(range_of("number", range), count, limits::many), presence);
}
void SchemaWriter::wholes(const char* name, std::vector<std::int64_t>&, limits::Whole range,
                          std::size_t count, Presence presence) {
    add(name, list_of(range_of("integer", range), count, limits::many), presence);
}
void SchemaWriter::choices(const char* name, std::vector<int>&, std::span<const std::string_view> ids) {
    add(name, list_of(one_of_ids(ids), 0, limits::many));
}
void SchemaWriter::colours(const char* name, std::vector<Colour>&, std::size_t most) {
    add(name, list_of(colour_schema, 0, most));
}

json SchemaWriter::reference(const std::string& shape, const Inner& fields) {
    if (!definitions_.contains(shape)) {
        definitions_[shape] = json::object(); // while it is written it may name itself
        SchemaWriter inner(definitions_);
        fields(inner);
        definitions_[shape] = inner.schema();
    }
    return {{"$ref", "#/$defs/" + shape}};
}

void SchemaWriter::group(const char* name, const char* shape, const Inner& fields) {
    const std::string about = std::exchange(note_, {});
    json property = reference(shape, fields);
    note_ = about;
    add(name, std::move(property));
}
void SchemaWriter::maybe(const char* name, const char* shape, bool&, const Inner& fields, Absence absence) {
    const std::string about = std::exchange(note_, {});
    json property = reference(shape, fields);
    if (absence == Absence::Null)
        property = {{"anyOf", {{{"type", "null"}}, property}}};
    note_ = about;
    add(name, std::move(property), absence == Absence::Null ? required : optional);
}
void SchemaWriter::list(const char* name, const List& list) {
    const std::string about = std::exchange(note_, {});
    list.resize(1);
    json items = reference(list.shape, [&](Fields& f) { list.item(f, 0); });
    list.resize(0);
    note_ = about;
    add(name, list_of(std::move(items), 0, list.most), list.presence);
}

void SchemaWriter::one_of(std::size_t&, std::initializer_list<Alternative> alternatives) {
    json told = json::array();
    for (const auto& alternative : alternatives) {
        SchemaWriter inner(definitions_);
        alternative.fields(inner);
        properties_.update(inner.properties_);
        if (!inner.required_.empty())
            told.push_back({{"required", inner.required_}});
    }
    if (told.size() == alternatives.size())
        told_apart_ = std::move(told);
}

void SchemaWriter::depending(const char* name, int&, std::span<const std::string_view> ids,
                             const std::function<void(Fields&, int)>& fields) {
    for (std::size_t i = 0; i < ids.size(); ++i) {
        SchemaWriter variant(definitions_);
        variant.add(name, {{"const", std::string(ids[i])}});
        fields(variant, static_cast<int>(i));
        variants_.push_back(variant.schema());
    }
}

json SchemaWriter::schema() const {
    json object{{"type", "object"},
                {"required", required_},
                {"properties", properties_},
                {"additionalProperties", false}};
    if (!told_apart_.empty())
        object["oneOf"] = told_apart_;
    if (variants_.empty())
        return object;
    json any = json::array();
    for (auto variant : variants_) {
        variant["properties"].update(properties_);
        for (const auto& name : required_)
            variant["required"].push_back(name);
        any.push_back(std::move(variant));
    }
    return {{"anyOf", std::move(any)}};
}

json project_schema() {
    json definitions = json::object();
    SchemaWriter writer(definitions);
    Project project = new_project();
    fields_of(writer, project);
    json schema = writer.schema();
    schema["properties"]["format"] = {{"const", "pulsepin-project"}};
    schema["properties"]["version"] = {{"const", project_format_version}};
    schema["required"].push_back("format");
    schema["required"].push_back("version");
    schema["$schema"] = "https://json-schema.org/draft/2020-12/schema";
    schema["title"] = "Pulse Pin project";
    schema["$defs"] = std::move(definitions);
    return schema;
}

} // namespace pulsepin
