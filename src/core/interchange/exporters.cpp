// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/exporters.h"

#include "base/text_file.h"
#include "interchange/beat_list.h"
#include "interchange/chapters_vtt.h"
#include "interchange/edl.h"
#include "interchange/jams.h"
#include "interchange/key_csv.h"
#include "interchange/marker_csv.h"
#include "interchange/midi_tempo_map.h"
#include "interchange/trigger_csv.h"

#include <algorithm>
#include <array>

namespace pulsepin {
namespace {

constexpr std::array<ExporterRow, 9> rows{{
    {"edl", "Edit decision list", "edl", "Cuts in the CMX 3600 interchange style, for editing programs",
     write_edl},
    {"csv", "Markers as a table", "csv", "One line a marker: name, bar and beat, time, frame, timecode",
     write_marker_csv},
    {"triggers-csv", "Triggers as a table", "csv",
     "One line a trigger: lane, effect, frames, strength, colours", write_trigger_csv},
    {"keys-csv", "Keys as a table", "csv", "One line a key: property, frame, time, value, easing",
     write_key_csv},
    {"vtt", "Chapters", "vtt", "Each shot as a chapter in WebVTT, for players and web pages",
     write_chapters_vtt},
    {"beats-csv", "Beats as a table", "csv", "One line a beat: time, bar, beat, metre, tempo, confidence",
     write_beat_csv},
    {"beats-text", "Beat list", "txt", "Times with the number in the bar, as annotated beats are common",
     write_beat_text},
    {"midi", "Tempo map", "mid", "Standard MIDI File: a tempo for each beat, metres, markers",
     write_midi_tempo_map},
    {"jams", "Annotated music", "jams", "JAMS: beats, tempo, onsets and sections in JSON", write_jams},
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
