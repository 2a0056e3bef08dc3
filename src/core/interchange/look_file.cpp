// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/look_file.h"

#include "base/text_file.h"
#include "fields/project_fields.h"
#include "interchange/json_archive.h"
#include "interchange/json_fields.h"

namespace pulsepin {

using nlohmann::json;

namespace {

constexpr const char* format_name = "pulsepin-looks";

void looks_of(Fields& f, std::vector<Look>& looks) {
    f.items<Look>(
        "looks", "look", looks, [](Fields& g, Look& look) { fields_of(g, look); }, limits::few);
}

} // namespace

Result<void> write_looks(std::span<const Look> looks, const std::filesystem::path& path) {
    json j{{"format", format_name}};
    std::vector<Look> visited(looks.begin(), looks.end());
    JsonWriter writer(j, {}, nullptr);
    looks_of(writer, visited);
    writer.finish();
    return write_text_file(path, j.dump(1, ' ', false, json::error_handler_t::replace) + "\n");
}

Result<std::vector<Look>> read_looks(const std::filesystem::path& path) {
    const auto text = read_text_file(path, 16u << 20);
    if (!text)
        return tl::unexpected(text.error());
    const json j = json::parse(*text, nullptr, false);
    if (!j.is_object() || j.value("format", json()) != format_name)
        return fail("This is not a file of looks.", path.string(), "Choose one that Pulse Pin wrote.");
    std::vector<Look> looks;
    Foreign foreign;
    try {
        JsonReader reader(j, {}, foreign);
        reader.know("format");
        looks_of(reader, looks);
        reader.finish();
    } catch (const BadField& bad) {
        return fail(std::string("The looks are damaged: ") + bad.what() + ".", path.string(),
                    "Write them once more.", ErrorKind::Damaged);
    }
    return looks;
}

} // namespace pulsepin
