// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/composition_file.h"

#include "base/text_file.h"
#include "interchange/project_json.h"

#include <cmath>
#include <nlohmann/json.hpp>

namespace pulsepin {

using nlohmann::json;

namespace {

constexpr const char* format_name = "pulsepin-composition";
constexpr std::size_t largest_file = 64u << 20;
constexpr double most_beats = 100'000;

Result<std::string> text_of(const json& j, const char* name, std::size_t most) {
    const auto found = j.find(name);
    if (found == j.end() || !found->is_string() || found->get_ref<const std::string&>().size() > most)
        return fail(std::string("\"") + name + "\" is missing, or no text.");
    return found->get<std::string>();
}

Result<Composition> composition_in(const json& j, const std::filesystem::path& folder) {
    Composition made;
    auto name = text_of(j, "name", limits::name), told = text_of(j, "told", limits::name);
    if (!name)
        return tl::unexpected(name.error());
    if (!told)
        return tl::unexpected(told.error());
    made.name = *std::move(name);
    made.told = *std::move(told);
    const auto beats = j.find("beats"), piece = j.find("piece");
    if (made.name.empty() || beats == j.end() || !beats->is_number() || piece == j.end() ||
        !piece->is_object())
        return fail("Its name, its beats or its piece are missing.");
    const double count = beats->get<double>();
    if (!(count > 0 && count <= most_beats))
        return fail("It lasts no beat, or too many.");
    made.length = Ticks(std::llround(count * ticks_per_beat));
    auto project = project_from_json(piece->dump(-1, ' ', false, json::error_handler_t::replace), folder);
    if (!project)
        return tl::unexpected(project.error());
    made.piece = *std::move(project);
    return made;
}

} // namespace

Result<void> write_composition(const Composition& composition, const std::filesystem::path& path) {
    const json j{{"format", format_name},
                 {"name", composition.name},
                 {"told", composition.told},
                 {"beats", static_cast<double>(composition.length.value) / ticks_per_beat},
                 {"piece", json::parse(project_to_json(composition.piece, path.parent_path()))}};
    return write_text_file(path, j.dump(1, ' ', false, json::error_handler_t::replace) + "\n");
}

Result<Composition> read_composition(const std::filesystem::path& path) {
    const auto text = read_text_file(path, largest_file);
    if (!text)
        return tl::unexpected(text.error());
    const json j = json::parse(*text, nullptr, false);
    if (!j.is_object() || j.value("format", json()) != format_name)
        return fail("This is not a composition.", path.string(), "Choose one that Pulse Pin wrote.");
    auto made = composition_in(j, path.parent_path());
    if (!made)
        return fail("The composition is damaged: " + made.error().what, path.string(), "Write it once more.",
                    ErrorKind::Damaged);
    return made;
}

} // namespace pulsepin
