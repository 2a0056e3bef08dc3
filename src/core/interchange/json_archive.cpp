// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/json_archive.h"

#include "interchange/colour_text.h"
#include "interchange/json_fields.h"
#include "interchange/param_json.h"

#include <algorithm>

namespace pulsepin {

using nlohmann::json;

namespace {

/// Whether a value need not be written: it is the usual one, and may be left out.
template <class T>
bool omitted(const T& value, Fields::Presence presence) {
    return presence == Fields::optional && value == T{};
}

template <class T>
bool omitted(const std::vector<T>& values, Fields::Presence presence) {
    return presence == Fields::optional && values.empty();
}

std::string path_text(const std::filesystem::path& path, const std::filesystem::path& folder) {
    if (folder.empty() || path.empty())
        return path.string();
    const auto relative = path.lexically_normal().lexically_relative(folder.lexically_normal());
    return relative.empty() || *relative.begin() == ".." ? path.string() : relative.string();
}

std::filesystem::path full_path(const std::string& text, const std::filesystem::path& folder) {
    const std::filesystem::path path(text);
    return path.empty() || path.is_absolute() || folder.empty() ? path : (folder / path).lexically_normal();
}

std::string below(const std::string& place, std::string_view name) {
    return place + "/" + std::string(name);
}

} // namespace

// -- writing

JsonWriter::JsonWriter(json& object, std::filesystem::path folder, const Foreign* foreign)
    : object_(object), own_folder_(std::move(folder)), foreign_(foreign) {}
JsonWriter::JsonWriter(json& object, const JsonWriter& around, std::string place, bool item)
    : object_(object), folder_(around.folder_), foreign_(around.foreign_), place_(std::move(place)),
      item_(item) {}

void JsonWriter::text(const char* name, std::string& value, std::size_t, Presence presence) {
    if (!omitted(value, presence))
        object_[name] = value;
}
void JsonWriter::formed_text(const char* name, std::string& value, const char*) {
    object_[name] = value;
}
void JsonWriter::number(const char* name, double& value, limits::Real, Presence presence) {
    if (!omitted(value, presence))
        object_[name] = value;
}
void JsonWriter::maybe_number(const char* name, std::optional<double>& value, limits::Real) {
    if (value)
        object_[name] = *value;
}
void JsonWriter::whole(const char* name, std::int64_t& value, limits::Whole, Presence presence) {
    if (!omitted(value, presence))
        object_[name] = value;
}
void JsonWriter::maybe_whole(const char* name, std::optional<std::int64_t>& value, limits::Whole) {
    if (value)
        object_[name] = *value;
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
void JsonWriter::id(const char* name, std::uint64_t& value, Presence presence) {
    if (!omitted(value, presence))
        object_[name] = value;
    if (item_ && std::string_view(name) == "id")
        place_ = below(place_, std::to_string(value));
}
void JsonWriter::colour(const char* name, Colour& value, Presence presence) {
    if (!omitted(value, presence))
        object_[name] = colour_text(value);
}
void JsonWriter::path(const char* name, std::filesystem::path& value) {
    object_[name] = path_text(value, *folder_);
}
void JsonWriter::values(const char* name, ParamValues& values, Presence presence) {
    if (presence == required || !values.empty())
        object_[name] = values_json(values);
}
void JsonWriter::numbers_by_name(const char* name, std::map<std::string, double>& values, limits::Real) {
    object_[name] = values;
}
void JsonWriter::numbers(const char* name, std::vector<double>& values, limits::Real, std::size_t,
                         Presence presence) {
    if (!omitted(values, presence))
        object_[name] = values;
}
void JsonWriter::wholes(const char* name, std::vector<std::int64_t>& values, limits::Whole, std::size_t,
                        Presence presence) {
    if (!omitted(values, presence))
        object_[name] = values;
}
void JsonWriter::choices(const char* name, std::vector<int>& values, std::span<const std::string_view> ids) {
    json list = json::array();
    for (const int value : values)
        list.push_back(ids[static_cast<std::size_t>(value)]);
    object_[name] = std::move(list);
}
void JsonWriter::colours(const char* name, std::vector<Colour>& values, std::size_t) {
    json list = json::array();
    for (const Colour value : values)
        list.push_back(colour_text(value));
    object_[name] = std::move(list);
}
void JsonWriter::group(const char* name, const char*, const Inner& fields) {
    json inner = json::object();
    JsonWriter writer(inner, *this, foreign_ ? below(place_, name) : std::string(), false);
    fields(writer);
    writer.finish();
    object_[name] = std::move(inner);
}
void JsonWriter::maybe(const char* name, const char* shape, bool& there, const Inner& fields,
                       Absence absence) {
    if (there)
        group(name, shape, fields);
    else if (absence == Absence::Null)
        object_[name] = nullptr;
}
void JsonWriter::list(const char* name, const List& list) {
    if (list.size == 0 && list.presence == optional)
        return;
    json items = json::array();
    for (std::size_t i = 0; i < list.size; ++i) {
        json item = json::object();
        JsonWriter writer(item, *this, foreign_ ? below(place_, name) : std::string(), foreign_ != nullptr);
        list.item(writer, i);
        writer.finish();
        items.push_back(std::move(item));
    }
    object_[name] = std::move(items);
}
void JsonWriter::one_of(std::size_t& which, std::initializer_list<Alternative> alternatives) {
    (alternatives.begin() + which)->fields(*this);
}
void JsonWriter::depending(const char* name, int& value, std::span<const std::string_view> ids,
                           const std::function<void(Fields&, int)>& fields) {
    choice(name, value, ids, required);
    fields(*this, value);
}
void JsonWriter::finish() {
    if (!foreign_)
        return;
    const auto kept = foreign_->groups.find(place_);
    if (kept == foreign_->groups.end())
        return;
    const json group = json::parse(kept->second); // held by a name: what a range-for walks must last
    for (const auto& [name, value] : group.items())
        if (!object_.contains(name))
            object_[name] = value;
}

// -- reading

JsonReader::JsonReader(const json& object, std::filesystem::path folder, Foreign& foreign)
    : object_(object), own_folder_(std::move(folder)), foreign_(foreign) {}
JsonReader::JsonReader(const json& object, const JsonReader& around, std::string place, bool lasting)
    : object_(object), folder_(around.folder_), foreign_(around.foreign_), place_(std::move(place)),
      lasting_(lasting) {}

void JsonReader::refuse(const std::string& what) {
    throw BadField(what);
}

bool JsonReader::left_out(const char* name, Presence presence) {
    know(name);
    return presence == optional && !optional_field(object_, name);
}
void JsonReader::text(const char* name, std::string& value, std::size_t most, Presence presence) {
    if (!left_out(name, presence))
        value = text_field(object_, name, most);
}
void JsonReader::formed_text(const char* name, std::string& value, const char*) {
    know(name);
    value = text_field(object_, name);
}
void JsonReader::number(const char* name, double& value, limits::Real range, Presence presence) {
    if (!left_out(name, presence))
        value = number_field(object_, name, range);
}
void JsonReader::maybe_number(const char* name, std::optional<double>& value, limits::Real range) {
    value.reset();
    if (!left_out(name, optional))
        value = number_field(object_, name, range);
}
void JsonReader::whole(const char* name, std::int64_t& value, limits::Whole range, Presence presence) {
    if (!left_out(name, presence))
        value = whole_field(object_, name, range);
}
void JsonReader::maybe_whole(const char* name, std::optional<std::int64_t>& value, limits::Whole range) {
    value.reset();
    if (!left_out(name, optional))
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
    if (!left_out(name, presence))
        value = static_cast<std::uint64_t>(
            whole_field(object_, name, presence == optional ? limits::id_or_none : limits::id));
}
void JsonReader::colour(const char* name, Colour& value, Presence presence) {
    if (!left_out(name, presence))
        value = read_colour(field(object_, name));
}
void JsonReader::path(const char* name, std::filesystem::path& value) {
    know(name);
    value = full_path(text_field(object_, name, limits::path), *folder_);
}
void JsonReader::values(const char* name, ParamValues& values, Presence presence) {
    if (!left_out(name, presence))
        values = read_values(object_, name);
}
void JsonReader::numbers_by_name(const char* name, std::map<std::string, double>& values,
                                 limits::Real range) {
    know(name);
    const json& group = field(object_, name);
    require(group.is_object() && group.size() <= limits::few,
            "\"" + std::string(name) + "\" is no group of numbers");
    values.clear();
    for (const auto& [id, value] : group.items())
        values[id] = number_of_json(value, id.c_str(), range);
}

/// Null where it is left out.
const json* JsonReader::counted_list(const char* name, std::size_t most, std::size_t count,
                                     Presence presence) {
    if (left_out(name, presence))
        return nullptr;
    const json& list = list_field(object_, name, count > 0 ? count : most);
    require(count == 0 || list.size() == count,
            "\"" + std::string(name) + "\" must have " + std::to_string(count) + " numbers");
    return &list;
}
void JsonReader::numbers(const char* name, std::vector<double>& values, limits::Real range, std::size_t count,
                         Presence presence) {
    const json* list = counted_list(name, limits::many, count, presence);
    if (!list)
        return;
    values.clear();
    for (const auto& value : *list)
        values.push_back(number_of_json(value, name, range));
}
void JsonReader::wholes(const char* name, std::vector<std::int64_t>& values, limits::Whole range,
                        std::size_t count, Presence presence) {
    const json* list = counted_list(name, limits::many, count, presence);
    if (!list)
        return;
    values.clear();
    for (const auto& value : *list)
        values.push_back(whole_of_json(value, name, range));
}
void JsonReader::choices(const char* name, std::vector<int>& values, std::span<const std::string_view> ids) {
    values.clear();
    for (const auto& value : *counted_list(name, limits::many, 0, required)) {
        require(value.is_string(), "there is no text in \"" + std::string(name) + "\"");
        const auto& id = value.get_ref<const std::string&>();
        const auto found = std::find(ids.begin(), ids.end(), id);
        require(found != ids.end(), "\"" + std::string(name) + "\" has the unknown value \"" + id + "\"");
        values.push_back(static_cast<int>(found - ids.begin()));
    }
}
void JsonReader::colours(const char* name, std::vector<Colour>& values, std::size_t most) {
    values.clear();
    for (const auto& value : *counted_list(name, most, 0, required))
        values.push_back(read_colour(value));
}
void JsonReader::group(const char* name, const char*, const Inner& fields) {
    know(name);
    JsonReader reader(field(object_, name), *this, below(place_, name), lasting_);
    fields(reader);
    reader.finish();
}
void JsonReader::maybe(const char* name, const char* shape, bool& there, const Inner& fields,
                       Absence absence) {
    there = !left_out(name, absence == Absence::Null ? required : optional);
    if (there && absence == Absence::Null)
        there = !field(object_, name).is_null();
    if (there)
        group(name, shape, fields);
}
void JsonReader::list(const char* name, const List& list) {
    if (left_out(name, list.presence))
        return list.resize(0);
    const json& items = list_field(object_, name, list.most);
    list.resize(0);
    for (std::size_t i = 0; i < items.size(); ++i) {
        list.resize(i + 1); // one by one: a list of nothing is refused before it takes memory
        const bool numbered =
            items[i].is_object() && items[i].contains("id") && items[i]["id"].is_number_integer();
        JsonReader reader(items[i], *this,
                          numbered ? below(below(place_, name), items[i]["id"].dump()) : place_,
                          lasting_ && numbered);
        list.item(reader, i);
        reader.finish();
    }
}
void JsonReader::one_of(std::size_t& which, std::initializer_list<Alternative> alternatives) {
    which = 0;
    while (which + 1 < alternatives.size() && !optional_field(object_, (alternatives.begin() + which)->first))
        ++which;
    (alternatives.begin() + which)->fields(*this);
}
void JsonReader::depending(const char* name, int& value, std::span<const std::string_view> ids,
                           const std::function<void(Fields&, int)>& fields) {
    choice(name, value, ids, required);
    fields(*this, value);
}
void JsonReader::finish() {
    json kept = json::object();
    for (const auto& [name, value] : object_.items())
        if (std::find(known_.begin(), known_.end(), name) == known_.end()) {
            if (lasting_)
                kept[name] = value;
            else
                ++foreign_.lost;
        }
    foreign_.count += kept.size();
    if (!kept.empty())
        foreign_.groups[place_] = kept.dump(-1, ' ', false, json::error_handler_t::replace);
}

} // namespace pulsepin
