// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/grid_importers.h"

#include "base/text_file.h"
#include "interchange/beat_list.h"
#include "interchange/jams.h"
#include "interchange/midi_tempo_map.h"

#include <algorithm>
#include <array>

namespace pulsepin {
namespace {

constexpr std::array<GridImporterRow, 3> rows{{
    {"midi", "Tempo map of a MIDI file", "mid midi smf", read_midi_tempo_map},
    {"jams", "JSON annotated music", "jams json", read_jams},
    {"beats", "Beat list", "txt csv tsv beats lab", read_beat_list},
}};

bool names(std::string_view extensions, std::string_view wanted) {
    while (!extensions.empty()) {
        const auto end = std::min(extensions.find(' '), extensions.size());
        if (extensions.substr(0, end) == wanted)
            return true;
        extensions.remove_prefix(std::min(end + 1, extensions.size()));
    }
    return false;
}

} // namespace

std::span<const GridImporterRow> grid_importers() {
    return rows;
}

Result<BeatGrid> import_grid(const std::filesystem::path& path) {
    std::string ending = path.extension().string();
    std::transform(ending.begin(), ending.end(), ending.begin(),
                   [](char c) { return static_cast<char>(std::tolower(static_cast<unsigned char>(c))); });
    const auto row = std::find_if(rows.begin(), rows.end(), [&](const GridImporterRow& r) {
        return names(r.extensions, ending.empty() ? "" : std::string_view(ending).substr(1));
    });
    if (row == rows.end())
        return fail("Beats cannot be read from this kind of file.", path.string(),
                    "Choose a MIDI file, a beat list (text, CSV) or a JAMS file.");
    const auto bytes = read_text_file(path);
    if (!bytes)
        return tl::unexpected(bytes.error());
    auto grid = row->read(*bytes);
    if (!grid)
        return fail(grid.error().what, path.string(), grid.error().remedy);
    return grid;
}

} // namespace pulsepin
