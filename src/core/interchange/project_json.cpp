// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/project_json.h"

#include "fields/project_fields.h"
#include "interchange/json_archive.h"
#include "interchange/json_fields.h"
#include "interchange/project_upgrade.h"
#include "interchange/schema_writer.h"
#include "model/shape_outline.h"
#include "stage/layer_parameters.h"

#include <algorithm>

namespace pulsepin {

using nlohmann::json;

namespace {

constexpr const char* format_name = "pulsepin-project";

Project read_project(const json& j, const std::filesystem::path& folder) {
    Project project;
    Foreign foreign;
    JsonReader reader(j, folder, foreign);
    for (const char* name : {"format", "version", "read_from"})
        reader.know(name);
    fields_of(reader, project);
    reader.finish();
    if (const auto conflict = inner_conflict(project); !conflict.empty())
        throw BadField(conflict);
    const auto version = j["version"].get<int>();
    if (version > project_format_version) {
        foreign.version = version;
        foreign.read_from = j["read_from"].get<int>();
    }
    if (foreign != Foreign{})
        project.foreign = std::make_shared<const Foreign>(std::move(foreign));
    return project;
}

/// What the file says of its versions; fails when this one cannot read it.
Result<std::int64_t> version_of(const json& j) {
    if (!j.is_object() || j.value("format", json()) != format_name)
        return fail("This is not a Pulse Pin project.", {}, "Open a file that ends in .pulsepin.");
    const auto whole = [&](const char* name) -> std::optional<std::int64_t> {
        const auto found = j.find(name);
        if (found == j.end() || !found->is_number_integer() || *found < 1 || *found > 1'000'000)
            return std::nullopt;
        return found->get<std::int64_t>();
    };
    const auto version = whole("version");
    if (!version)
        return fail("The project does not say its version.");
    // A newer one says from which version on it can be read: it only added fields, which are kept.
    if (*version > project_format_version && whole("read_from").value_or(*version) > project_format_version)
        return fail("This project was saved by a newer Pulse Pin.", {}, "Update Pulse Pin to open it.");
    return *version;
}

} // namespace

std::string project_to_json(const Project& project, const std::filesystem::path& folder) {
    const Foreign* foreign = project.foreign.get();
    const bool newer = foreign && foreign->version > project_format_version;
    json j{{"format", format_name}, {"version", newer ? foreign->version : project_format_version}};
    if (newer)
        j["read_from"] = foreign->read_from;
    JsonWriter writer(j, folder, foreign);
    Project visited = project; // a list of fields may fill what it visits
    fields_of(writer, visited);
    writer.finish();
    // Names that are not UTF-8 (file names may be anything) are mended rather than refused: saving must not
    // fail.
    return j.dump(1, ' ', false, json::error_handler_t::replace) + "\n";
}

Result<Project> project_from_json(std::string_view text, const std::filesystem::path& folder) {
    json j = json::parse(text, nullptr, false);
    if (j.is_discarded())
        return fail("This is not a Pulse Pin project, or it was cut off.", {},
                    "Open a file that ends in .pulsepin, or an older copy.");
    const auto version = version_of(j);
    if (!version)
        return tl::unexpected(version.error());
    try {
        if (*version < project_format_version)
            upgrade_project(j, *version);
        return read_project(j, folder);
    } catch (const BadField& bad) {
        return fail(std::string("The project is damaged: ") + bad.what() + ".", {}, "Open an older copy.",
                    ErrorKind::Damaged);
    } catch (const json::exception&) {
        return fail("The project is damaged: a value is not of the expected type.", {}, "Open an older copy.",
                    ErrorKind::Damaged);
    }
}

namespace {

/// Looks and shapes that are named and not known are kept as they are; what is seen instead is said.
std::string told_of_unknown(const Project& project) {
    for (const auto& layer : project.stage->layers) {
        const auto modes = blend_modes();
        const auto outlines = shape_outlines();
        if (std::none_of(modes.begin(), modes.end(), [&](const auto& one) { return one.id == layer.blend; }))
            return "The layer \"" + layer.name + "\" asks for the blend mode \"" + layer.blend +
                   "\", which is not known: it is shown as normal.";
        if (layer.kind == layers::shape &&
            std::none_of(outlines.begin(), outlines.end(),
                         [&](const auto& one) { return one.id == layer.shape; }))
            return "The layer \"" + layer.name + "\" asks for the shape \"" + layer.shape +
                   "\", which is not known: it is shown as a disc.";
    }
    return {};
}

} // namespace

std::string told_on_opening(const Project& project) {
    const Foreign* foreign = project.foreign.get();
    if (!foreign || foreign->count + foreign->lost == 0)
        return told_of_unknown(project);
    const auto fields = [](std::size_t n) { return std::to_string(n) + (n == 1 ? " field" : " fields"); };
    std::string told = foreign->version > project_format_version
                           ? "This project was saved by a newer Pulse Pin: "
                           : "This project holds what Pulse Pin does not know: ";
    if (foreign->count > 0)
        told += fields(foreign->count) + (foreign->count == 1 ? " is kept" : " are kept");
    if (foreign->lost > 0)
        told += (foreign->count > 0 ? ", " : "") + fields(foreign->lost) + " will be gone when it is saved";
    return told + ".";
}

std::string project_schema_text() {
    return project_schema().dump(2) + "\n";
}

} // namespace pulsepin
