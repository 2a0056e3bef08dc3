// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/exporters.h"

#include "base/text_file.h"
#include "follow/song_sound.h"
#include "interchange/beat_list.h"
#include "interchange/chapter_files.h"
#include "interchange/chapters_vtt.h"
#include "interchange/cue_sheet.h"
#include "interchange/curve_svg.h"
#include "interchange/edl.h"
#include "interchange/jams.h"
#include "interchange/key_tables.h"
#include "interchange/light_tables.h"
#include "interchange/lottie.h"
#include "interchange/marker_csv.h"
#include "interchange/midi_notes.h"
#include "interchange/midi_tempo_map.h"
#include "interchange/mlt_xml.h"
#include "interchange/otio.h"
#include "interchange/trigger_csv.h"
#include "interchange/words_out.h"

#include <algorithm>
#include <array>
#include <optional>

namespace pulsepin {
namespace {

/// For those who need the project alone.
template <Result<std::string> (*write)(const Project&)>
Result<std::string> of_project(const ExportMaterial& material) {
    return write(material.project);
}

template <Result<std::string> (*write)(const Schedule&)>
Result<std::string> of_schedule(const ExportMaterial& material) {
    return write(material.curves.schedule);
}

template <std::size_t count>
struct FormatId {
    char text[count] = {};
    constexpr FormatId(const char (&id)[count]) { std::copy_n(id, count, text); }
};
/// Words as a format of lyrics has them.
template <FormatId id>
Result<std::string> words_as(const ExportMaterial& material) {
    return write_words(material, id.text);
}

constexpr ParamSpec text_lane[] = {{"lane",
                                    "lane of words or notes",
                                    ParamType::Lane,
                                    {},
                                    0,
                                    0,
                                    0,
                                    "Which lane of words or notes; none: the first of words"}};
constexpr ParamSpec drawing_lane[] = {
    {"lane", "lane of exposures", ParamType::Lane, {}, 0, 0, 0, "Which lane of exposures; none: the first"}};

constexpr ParamSpec cut_lane[] = {
    {"lane", "lane of cuts", ParamType::Lane, {}, 0, 0, 0, "Which lane of cuts; none: the first"}};

bool has_cuts(const Lane& lane) {
    return holds<CutBody>(lane.kind) && !lane.pins.empty();
}
bool has_texts(const Lane& lane) {
    return part_of<Inked>(lane) && !lane.pins.empty();
}
bool has_drawings(const Lane& lane) {
    return part_of<Exposing>(lane) && !lane.pins.empty();
}

const std::array<ExporterRow, 30> rows{{
    {"edl", "Edit decision list", "edl",
     "Cuts, sounds and markers in the CMX 3600 interchange style, for editing programs", false, write_edl,
     edl_parameters(), has_cuts, edl_losses, edl_parts},
    {"otio",
     "Timeline (OpenTimelineIO)",
     "otio",
     "Cuts, cross-fades, speeds, song, sounds and markers as JSON, for editing programs",
     false,
     write_otio,
     {},
     nullptr,
     otio_losses},
    {"mlt", "Timeline (MLT XML)", "mlt",
     "Cuts, cross-fades, speeds, framing, song and sounds, for programs that play and render with MLT", false,
     write_mlt_xml, cut_lane, has_cuts, mlt_losses},
    {"csv", "Markers as a table", "csv", "One line a marker: name, bar and beat, time, frame, timecode",
     false, of_schedule<write_marker_csv>},
    {"triggers-csv", "Triggers as a table", "csv",
     "One line a trigger: lane, effect, place, frames, strength, colours, layers, values", false,
     of_schedule<write_trigger_csv>},
    {"lights-csv", "Lights as a table", "csv",
     "One line for each lamp that is lit: place, frames, colours, channels", false, write_light_cues},
    {"light-frames-csv", "Lamps at each frame", "csv",
     "One line a frame, with a column for each lamp: its colour", true, write_light_frames},
    {"cues", "Cue sheet as text", "txt",
     "A line a pin of all lanes, in their order in time and a pattern of your own", false, write_cue_sheet,
     cue_sheet_parameters()},
    {"keys-csv", "Keys as a table", "csv", "One line a key: property, frame, time, value, easing", true,
     write_key_csv},
    {"frames-csv", "Values of each frame", "csv", "One line a frame, with a column for each driven property",
     true, write_frame_csv},
    {"keys-json", "Keys as JSON", "json", "Frame, time, value and easing of each key, by property", true,
     write_key_json},
    {"frames-json", "Frames as JSON", "json", "The value of each driven property at each frame", true,
     write_frame_json},
    {"keys-text", "Keys as a line of text", "txt",
     "A line a property, in a pattern of your own, for programs that take schedules as text", true,
     write_key_text, key_text_parameters()},
    {"curves-svg", "Curves as paths", "svg",
     "Each driven property as an SVG path: frames to the right, values upwards, for drawing programs", true,
     write_curve_svg},
    {"lottie", "Lottie animation", "lottie.json",
     "Shapes and titles as they move, for web pages and programs", true, write_lottie},
    {"vtt", "Chapters", "vtt", "Each shot as a chapter in WebVTT, for players and web pages", false,
     write_chapters_vtt, cut_lane, has_cuts},
    {"ffmetadata", "Chapters as metadata", "ffmetadata",
     "Markers, shots or sections as chapters, to be put into a film or a sound file", false, write_ffmetadata,
     chapter_parameters()},
    {"chapters-xml", "Chapters for Matroska", "xml",
     "Markers, shots or sections as chapters in XML, to be put into a Matroska film", false,
     write_matroska_chapters, chapter_parameters()},
    {"srt", "Words as SubRip", "srt", "Each line of words, or note, as a caption, for players", false,
     words_as<"subrip">, text_lane, has_texts},
    {"words-vtt", "Words as WebVTT", "vtt", "Lines with the time of each word, for web pages", false,
     words_as<"webvtt">, text_lane, has_texts},
    {"ass", "Words as Advanced SubStation Alpha", "ass", "Lines with how long each word is sung, for players",
     false, words_as<"ass">, text_lane, has_texts},
    {"ttml", "Words as timed text", "ttml", "Lines with the time of each word, as TTML, for broadcasters",
     false, words_as<"ttml">, text_lane, has_texts},
    {"lrc", "Words as lines with times", "lrc", "Each line with its time and those of its words", false,
     words_as<"lrc">, text_lane, has_texts},
    {"words-csv", "Words as a table", "csv", "One line a word or note: start, end, frames, line, speaker",
     false, write_words_csv, text_lane, has_texts},
    {"exposures-csv", "Exposure column", "csv", "One line a frame: which drawing is held, and for how long",
     false, write_exposure_csv, drawing_lane, has_drawings},
    {"beats-csv", "Beats as a table", "csv", "One line a beat: time, bar, beat, metre, tempo, confidence",
     false, of_project<write_beat_csv>},
    {"beats-text", "Beat list", "txt", "Times with the number in the bar, as annotated beats are common",
     false, of_project<write_beat_text>},
    {"midi",
     "Tempo map",
     "mid",
     "Standard MIDI File: a tempo for each beat, metres, markers",
     false,
     of_schedule<write_midi_tempo_map>,
     {},
     nullptr,
     nullptr,
     nullptr,
     false},
    {"midi-notes",
     "Notes of all lanes",
     "mid",
     "Standard MIDI File: a track for each lane, a note for each pin, words as lyrics, curves as controllers",
     true,
     write_midi_notes,
     {},
     nullptr,
     midi_notes_losses,
     nullptr,
     false},
    {"jams", "Annotated music", "jams", "JAMS: beats, tempo, onsets and sections in JSON", false,
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

Result<Curves> curves_for(const ExporterRow& row, const Project& project, const Progress& progress) {
    return row.takes_curves ? curves_of_project(project, progress) : Curves{Schedule(project)};
}

Result<Curves> curves_of_project(const Project& project, const Progress& progress) {
    Curves curves{Schedule(project)};
    if (!has_followers(project))
        return curves;
    ProjectSounds sounds;
    if (needs_sound(project)) {
        if (!project.song)
            return fail("There is no song, and lanes that follow its level.", {}, "Open the song first.");
        auto loaded = load_project_sounds(project, needs_lanes(project), progress.part(0, 0.7));
        if (!loaded && loaded.error().cancelled())
            return fail_cancelled();
        if (!loaded)
            return fail("What follows the song cannot be written without it. " + loaded.error().what,
                        loaded.error().file, loaded.error().remedy, loaded.error().kind);
        sounds = *std::move(loaded);
    }
    Listening listening;
    auto followers = follow(project, sounds, listening, progress.part(0.7, 1));
    if (!followers)
        return tl::unexpected(followers.error());
    curves.followers = std::make_shared<const FollowerCurves>(*std::move(followers));
    return curves;
}

std::string told_of_losses(const ExportMaterial& material, const ExporterRow& row) {
    std::string told;
    if (row.losses)
        for (const auto& loss : row.losses(material))
            told += (told.empty() ? "" : "; ") + loss;
    return told.empty() ? told : "Not in this file: " + told + ".";
}

Result<void> export_project(const ExportMaterial& material, const ExporterRow& row,
                            const std::filesystem::path& path) {
    if (auto good = check_values(material.values, row.parameters); !good)
        return good;
    const auto text = row.write(material);
    if (!text)
        return tl::unexpected(text.error());
    return write_text_file(path, *text);
}

} // namespace pulsepin
