// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/exporters.h"

#include "base/text_file.h"
#include "interchange/chapters_vtt.h"
#include "interchange/edl.h"
#include "interchange/marker_csv.h"

#include <algorithm>
#include <array>

namespace pulsepin {
namespace {

constexpr std::array<ExporterRow, 3> rows{{
    {"edl", "Edit decision list", "edl", "Cuts in the CMX 3600 interchange style, for editing programs",
     write_edl},
    {"csv", "Markers as a table", "csv", "One line a marker: name, bar and beat, time, frame, timecode",
     write_marker_csv},
    {"vtt", "Chapters", "vtt", "Each shot as a chapter in WebVTT, for players and web pages",
     write_chapters_vtt},
}};

} // namespace

std::span<const ExporterRow> exporters() {
    return rows;
}

const ExporterRow* exporter(std::string_view id) {
    const auto found =
        std::find_if(rows.begin(), rows.end(), [id](const ExporterRow& row) { return row.id == id; });
    return found == rows.end() ? nullptr : &*found;
}

Result<void> export_project(const Project& project, const ExporterRow& row,
                            const std::filesystem::path& path) {
    const auto text = row.write(project);
    if (!text)
        return tl::unexpected(text.error());
    return write_text_file(path, *text);
}

} // namespace pulsepin
