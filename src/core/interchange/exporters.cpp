// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/exporters.h"

#include "base/text_file.h"
#include "interchange/beat_list.h"
#include "interchange/chapters_vtt.h"
#include "interchange/edl.h"
#include "interchange/jams.h"
#include "interchange/key_tables.h"
#include "interchange/lottie.h"
#include "interchange/marker_csv.h"
#include "interchange/midi_tempo_map.h"
#include "interchange/trigger_csv.h"

#include <algorithm>
#include <array>

namespace pulsepin {
namespace {

/// For those who need the project alone.
template <Result<std::string> (*write)(const Project&)>
Result<std::string> of_project(const ExportMaterial& material) {
    return write(material.project);
}

constexpr std::array<ExporterRow, 14> rows{{
    {"edl", "Edit decision list", "edl", "Cuts in the CMX 3600 interchange style, for editing programs",
     of_project<write_edl>},
    {"csv", "Markers as a table", "csv", "One line a marker: name, bar and beat, time, frame, timecode",
     of_project<write_marker_csv>},
    {"triggers-csv", "Triggers as a table", "csv",
     "One line a trigger: lane, effect, frames, strength, colours", of_project<write_trigger_csv>},
    {"keys-csv", "Keys as a table", "csv", "One line a key: property, frame, time, value, easing",
     write_key_csv},
    {"frames-csv", "Values of each frame", "csv", "One line a frame, with a column for each driven property",
     write_frame_csv},
    {"keys-json", "Keys as JSON", "json", "Frame, time, value and easing of each key, by property",
     write_key_json},
    {"frames-json", "Frames as JSON", "json", "The value of each driven property at each frame",
     write_frame_json},
    {"keys-text", "Keys as a line of text", "txt",
     "A line a property, in a pattern of your own, for programs that take schedules as text", write_key_text},
    {"lottie", "Lottie animation", "lottie.json",
     "Shapes and titles as they move, for web pages and programs", write_lottie},
    {"vtt", "Chapters", "vtt", "Each shot as a chapter in WebVTT, for players and web pages",
     of_project<write_chapters_vtt>},
    {"beats-csv", "Beats as a table", "csv", "One line a beat: time, bar, beat, metre, tempo, confidence",
     of_project<write_beat_csv>},
    {"beats-text", "Beat list", "txt", "Times with the number in the bar, as annotated beats are common",
     of_project<write_beat_text>},
    {"midi", "Tempo map", "mid", "Standard MIDI File: a tempo for each beat, metres, markers",
     of_project<write_midi_tempo_map>},
    {"jams", "Annotated music", "jams", "JAMS: beats, tempo, onsets and sections in JSON",
     of_project<write_jams>},
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

Result<void> export_project(const ExportMaterial& material, const ExporterRow& row,
                            const std::filesystem::path& path) {
    const auto text = row.write(material);
    if (!text)
        return tl::unexpected(text.error());
    return write_text_file(path, *text);
}

} // namespace pulsepin
