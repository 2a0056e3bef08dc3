// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/project_json.h"

#include "model/lane_kinds.h"
#include "time/musical_text.h"

#include <nlohmann/json.hpp>
#include <set>
#include <stdexcept>

namespace pulsepin {
namespace {

using nlohmann::json;
using Path = std::filesystem::path;

/// Thrown and caught in this file only: what a field must be and is not.
struct BadProject : std::runtime_error {
    using std::runtime_error::runtime_error;
};

const json& field(const json& object, const char* name) {
    const auto found = object.find(name);
    if (found == object.end())
        throw BadProject(std::string("\"") + name + "\" is missing");
    return *found;
}

void require(bool holds, const std::string& what) {
    if (!holds)
        throw BadProject(what);
}

// -- paths

std::string path_text(const Path& path, const Path& folder) {
    if (folder.empty() || path.empty())
        return path.string();
    const Path relative = path.lexically_normal().lexically_relative(folder.lexically_normal());
    return relative.empty() || *relative.begin() == ".." ? path.string() : relative.string();
}

Path full_path(const std::string& text, const Path& folder) {
    const Path path(text);
    return path.empty() || path.is_absolute() || folder.empty() ? path : (folder / path).lexically_normal();
}

// -- grid and detection

constexpr const char* origins[] = {"found", "corrected", "held"};

json write(const BeatGrid& grid) {
    json times = json::array(), confidence = json::array(), origin = json::array(), metres = json::array();
    for (const auto& beat : grid.beats()) {
        times.push_back(beat.time.value);
        confidence.push_back(beat.confidence);
        origin.push_back(origins[static_cast<std::size_t>(beat.origin)]);
    }
    for (const auto& change : grid.metres())
        metres.push_back({{"beat", change.beat}, {"metre", format_metre(change.metre)}});
    return {{"first_beat", grid.first_beat()},
            {"metres", metres},
            {"times", times},
            {"confidence", confidence},
            {"origin", origin}};
}

BeatGrid read_grid(const json& j) {
    const auto& times = field(j, "times");
    const auto& confidence = field(j, "confidence");
    const auto& origin = field(j, "origin");
    require(times.is_array() && times.size() == confidence.size() && times.size() == origin.size(),
            "the lists of the grid differ in length");
    std::vector<GridBeat> beats;
    for (std::size_t i = 0; i < times.size(); ++i) {
        const auto name = origin[i].get<std::string>();
        const auto* known = std::find(std::begin(origins), std::end(origins), name);
        require(known != std::end(origins), "a beat has the unknown origin \"" + name + "\"");
        beats.push_back({Seconds(times[i].get<double>()), confidence[i].get<float>(),
                         static_cast<BeatOrigin>(known - std::begin(origins))});
    }
    std::vector<MetreChange> metres;
    for (const auto& change : field(j, "metres")) {
        const auto metre = parse_metre(field(change, "metre").get<std::string>());
        require(metre.has_value(), "a metre cannot be read");
        metres.push_back({field(change, "beat").get<std::int64_t>(), *metre});
    }
    auto grid =
        BeatGrid::make(std::move(beats), field(j, "first_beat").get<std::int64_t>(), std::move(metres));
    require(grid.has_value(), "the grid is not valid");
    return *std::move(grid);
}

json write(const OnsetRow& row) {
    json times = json::array(), strengths = json::array();
    for (const auto& onset : row.onsets) {
        times.push_back(onset.time.value);
        strengths.push_back(onset.strength);
    }
    json j{{"name", row.name},
           {"function", row.function},
           {"sensitivity", row.sensitivity},
           {"least_strength", row.least_strength},
           {"smallest_gap", row.smallest_gap.value},
           {"shown", row.shown},
           {"times", times},
           {"strengths", strengths}};
    if (row.band)
        j["band"] = {row.band->first, row.band->second};
    if (row.like)
        j["like"] = {
            {"from", row.like->from.value}, {"until", row.like->until.value}, {"least", row.like->least}};
    return j;
}

json write(const Detection& found) {
    json tempi = json::array(), rows = json::array(), sections = json::array();
    for (const auto& tempo : found.tempi)
        tempi.push_back({{"bpm", tempo.tempo.value}, {"confidence", tempo.confidence}});
    for (const auto& row : found.rows)
        rows.push_back(write(row));
    for (const auto& section : found.sections)
        sections.push_back({{"start", section.start.value},
                            {"end", section.end.value},
                            {"name", section.name},
                            {"drop", section.drop},
                            {"confidence", section.confidence}});
    json j{{"grid", found.grid ? write(*found.grid) : json()},
           {"tempi", tempi},
           {"pulse", found.pulse},
           {"rows", rows},
           {"sections", sections}};
    if (found.swing)
        j["swing"] = *found.swing;
    return j;
}

std::vector<FoundOnset> read_onsets(const json& j) {
    const auto& times = field(j, "times");
    const auto& strengths = field(j, "strengths");
    require(times.is_array() && times.size() == strengths.size(), "the lists of onsets differ in length");
    std::vector<FoundOnset> onsets;
    for (std::size_t i = 0; i < times.size(); ++i)
        onsets.push_back({Seconds(times[i].get<double>()), strengths[i].get<float>()});
    return onsets;
}

OnsetRow read_row(const json& j) {
    OnsetRow row;
    row.name = field(j, "name").get<std::string>();
    row.function = field(j, "function").get<std::string>();
    row.sensitivity = field(j, "sensitivity").get<double>();
    row.least_strength = field(j, "least_strength").get<double>();
    row.smallest_gap = Seconds(field(j, "smallest_gap").get<double>());
    row.shown = field(j, "shown").get<bool>();
    if (const auto band = j.find("band"); band != j.end())
        row.band = {band->at(0).get<double>(), band->at(1).get<double>()};
    if (const auto like = j.find("like"); like != j.end())
        row.like =
            OnsetRow::Like{Seconds(field(*like, "from").get<double>()),
                           Seconds(field(*like, "until").get<double>()), field(*like, "least").get<double>()};
    row.onsets = read_onsets(j);
    return row;
}

Detection read_detection(const json& j) {
    Detection found;
    if (const auto& grid = field(j, "grid"); !grid.is_null())
        found.grid = read_grid(grid);
    for (const auto& tempo : field(j, "tempi"))
        found.tempi.push_back(
            {Bpm(field(tempo, "bpm").get<double>()), field(tempo, "confidence").get<float>()});
    if (const auto pulse = j.find("pulse"); pulse != j.end())
        found.pulse = pulse->get<float>();
    if (const auto swing = j.find("swing"); swing != j.end())
        found.swing = swing->get<double>();
    if (const auto rows = j.find("rows"); rows != j.end()) {
        for (const auto& row : *rows)
            found.rows.push_back(read_row(row));
    } else { // as earlier versions wrote it: one row, without a name
        OnsetRow row;
        row.name = "everything";
        row.onsets = read_onsets(field(j, "onsets"));
        found.rows.push_back(std::move(row));
    }
    if (const auto sections = j.find("sections"); sections != j.end())
        for (const auto& section : *sections)
            found.sections.push_back(
                {Seconds(field(section, "start").get<double>()), Seconds(field(section, "end").get<double>()),
                 field(section, "name").get<std::string>(), field(section, "drop").get<bool>(),
                 field(section, "confidence").get<float>()});
    return found;
}

// -- anchors and pins

void write_offset(json& j, const Offset& offset) {
    if (const auto* frames = std::get_if<Frames>(&offset))
        j["offset_frames"] = frames->value;
    else if (const auto seconds = std::get<Seconds>(offset); seconds != Seconds(0))
        j["offset_seconds"] = seconds.value;
}

Offset read_offset(const json& j) {
    if (j.contains("offset_frames"))
        return Frames(j["offset_frames"].get<std::int64_t>());
    return Seconds(j.value("offset_seconds", 0.0));
}

json write(const Anchor& anchor) {
    json j;
    if (const auto* musical = std::get_if<MusicalAnchor>(&anchor)) {
        j["ticks"] = musical->at.value;
        write_offset(j, musical->offset);
    } else if (const auto* loose = std::get_if<TimeAnchor>(&anchor)) {
        j["seconds"] = loose->at.value;
    } else {
        const auto& tied = std::get<MarkerAnchor>(anchor);
        j["marker"] = tied.marker.value;
        write_offset(j, tied.offset);
    }
    return j;
}

Anchor read_anchor(const json& j) {
    if (j.contains("ticks"))
        return MusicalAnchor{Ticks(j["ticks"].get<std::int64_t>()), read_offset(j)};
    if (j.contains("seconds"))
        return TimeAnchor{Seconds(j["seconds"].get<double>())};
    return MarkerAnchor{PinId{field(j, "marker").get<std::uint64_t>()}, read_offset(j)};
}

/// How the body of each kind of pin is written: one row per kind.
struct BodyFormat {
    LaneKind kind;
    void (*write)(json&, const PinBody&);
    PinBody (*read)(const json&);
};

constexpr BodyFormat body_formats[] = {
    {LaneKind::Marker,
     [](json& j, const PinBody& body) {
         const auto& marker = std::get<MarkerBody>(body);
         j["name"] = marker.name;
         if (!marker.note.empty())
             j["note"] = marker.note;
     },
     [](const json& j) -> PinBody {
         return MarkerBody{field(j, "name").get<std::string>(), j.value("note", std::string())};
     }},
    {LaneKind::Cut,
     [](json& j, const PinBody& body) {
         const auto& cut = std::get<CutBody>(body);
         j["shot"] = cut.shot.value;
         j["in_point"] = cut.in_point.value;
     },
     [](const json& j) -> PinBody {
         return CutBody{ClipId{field(j, "shot").get<std::uint64_t>()},
                        Seconds(field(j, "in_point").get<double>())};
     }},
    {LaneKind::Sound,
     [](json& j, const PinBody& body) {
         const auto& sound = std::get<SoundBody>(body);
         const auto fade = [](Seconds length, FadeCurve curve) {
             return json{{"seconds", length.value},
                         {"curve", curve == FadeCurve::Linear ? "linear" : "equal-power"}};
         };
         j["sound"] = sound.sound.value;
         j["in_point"] = sound.in_point.value;
         j["length"] = sound.length.value;
         j["gain_db"] = sound.gain_db;
         j["fade_in"] = fade(sound.fade_in, sound.curve_in);
         j["fade_out"] = fade(sound.fade_out, sound.curve_out);
     },
     [](const json& j) -> PinBody {
         SoundBody sound{ClipId{field(j, "sound").get<std::uint64_t>()},
                         Seconds(field(j, "in_point").get<double>()),
                         Seconds(field(j, "length").get<double>()),
                         field(j, "gain_db").get<double>(),
                         {},
                         {},
                         FadeCurve::Linear,
                         FadeCurve::Linear};
         const auto fade = [&](const char* name, Seconds& length, FadeCurve& curve) {
             length = Seconds(field(field(j, name), "seconds").get<double>());
             const auto text = field(field(j, name), "curve").get<std::string>();
             require(text == "linear" || text == "equal-power", "a fade has an unknown curve");
             curve = text == "linear" ? FadeCurve::Linear : FadeCurve::EqualPower;
         };
         fade("fade_in", sound.fade_in, sound.curve_in);
         fade("fade_out", sound.fade_out, sound.curve_out);
         return sound;
     }},
};

const BodyFormat& body_format(LaneKind kind) {
    return *std::find_if(std::begin(body_formats), std::end(body_formats),
                         [kind](const BodyFormat& format) { return format.kind == kind; });
}

json write(const Lane& lane) {
    json pins = json::array();
    for (const auto& pin : lane.pins) {
        json j{{"id", pin.id.value}, {"anchor", write(pin.anchor)}};
        if (pin.planting.value != 0)
            j["planting"] = pin.planting.value;
        body_format(lane.kind).write(j, pin.body);
        pins.push_back(std::move(j));
    }
    return {{"id", lane.id.value}, {"kind", lane_kind(lane.kind).id},
            {"name", lane.name},   {"lead_frames", lane.lead.value},
            {"muted", lane.muted}, {"solo", lane.solo},
            {"pins", pins}};
}

Lane read_lane(const json& j) {
    const auto kind_id = field(j, "kind").get<std::string>();
    const auto* kind = lane_kind_by_id(kind_id);
    require(kind != nullptr, "there is a lane of the unknown kind \"" + kind_id + "\"");
    Lane lane{LaneId{field(j, "id").get<std::uint64_t>()},
              kind->kind,
              field(j, "name").get<std::string>(),
              Frames(j.value("lead_frames", std::int64_t{0})),
              {},
              j.value("muted", false),
              j.value("solo", false)};
    for (const auto& p : field(j, "pins"))
        lane.pins.push_back({PinId{field(p, "id").get<std::uint64_t>()}, read_anchor(field(p, "anchor")),
                             body_format(lane.kind).read(p),
                             PlantingId{p.value("planting", std::uint64_t{0})}});
    return lane;
}

// -- the rest

json write(const Settings& settings) {
    return {{"title", settings.title},
            {"frame_rate", std::to_string(settings.frame_rate.numerator()) + "/" +
                               std::to_string(settings.frame_rate.denominator())},
            {"rounding", settings.rounding == FrameRounding::Nearest ? "nearest" : "never-late"},
            {"picture_size", {settings.picture_width, settings.picture_height}}};
}

Settings read_settings(const json& j) {
    Settings settings;
    settings.title = field(j, "title").get<std::string>();
    const auto rate = FrameRate::parse(field(j, "frame_rate").get<std::string>());
    require(rate.has_value(), "the frame rate cannot be read");
    settings.frame_rate = *rate;
    const auto rounding = field(j, "rounding").get<std::string>();
    require(rounding == "nearest" || rounding == "never-late", "the rounding rule is unknown");
    settings.rounding = rounding == "nearest" ? FrameRounding::Nearest : FrameRounding::NeverLate;
    const auto& size = field(j, "picture_size");
    require(size.is_array() && size.size() == 2, "the picture size must be two numbers");
    settings.picture_width = size[0].get<int>();
    settings.picture_height = size[1].get<int>();
    require(settings.picture_width > 0 && settings.picture_width <= 16384 && settings.picture_height > 0 &&
                settings.picture_height <= 16384,
            "the picture size is out of range");
    return settings;
}

Song read_song(const json& j, const Path& folder) {
    Song song{full_path(field(j, "path").get<std::string>(), folder),
              field(j, "title").get<std::string>(),
              field(j, "sample_rate").get<std::int64_t>(),
              Samples(field(j, "length").get<std::int64_t>()),
              field(j, "fingerprint").get<std::string>(),
              Samples(j.value("from", std::int64_t{0}))};
    require(song.sample_rate > 0 && song.length.value >= 0 && song.from.value >= 0,
            "the song's length or sample rate is not valid");
    return song;
}

Project read_project(const json& j, const Path& folder) {
    Project project;
    project.settings = std::make_shared<const Settings>(read_settings(field(j, "settings")));
    if (const auto& song = field(j, "song"); !song.is_null())
        project.song = std::make_shared<const Song>(read_song(song, folder));
    if (const auto& found = field(j, "found"); !found.is_null())
        project.detection = std::make_shared<const Detection>(read_detection(found));
    if (const auto& grid = field(j, "grid"); !grid.is_null())
        project.grid = std::make_shared<const BeatGrid>(read_grid(grid));
    project.next_id = field(j, "next_id").get<std::uint64_t>();

    std::set<std::uint64_t> ids;
    const auto claim = [&](std::uint64_t id) {
        require(id > 0 && id < project.next_id && ids.insert(id).second,
                "the number " + std::to_string(id) + " names two things or none");
    };
    std::vector<TimeSpan> excluded;
    if (const auto spans = j.find("excluded"); spans != j.end()) // not in files of earlier versions
        for (const auto& span : *spans)
            excluded.push_back(
                {Seconds(field(span, "from").get<double>()), Seconds(field(span, "until").get<double>())});
    project.excluded = std::make_shared<const std::vector<TimeSpan>>(std::move(excluded));
    std::vector<Clip> bin;
    for (const auto& c : field(j, "bin")) {
        bin.push_back({ClipId{field(c, "id").get<std::uint64_t>()}, field(c, "name").get<std::string>(),
                       full_path(field(c, "path").get<std::string>(), folder),
                       Seconds(field(c, "duration").get<double>()), field(c, "width").get<int>(),
                       field(c, "height").get<int>(), c.value("has_picture", true),
                       c.value("has_sound", false)});
        claim(bin.back().id.value);
    }
    project.bin = std::make_shared<const std::vector<Clip>>(std::move(bin));
    std::vector<Planting> plantings;
    for (const auto& p : field(j, "plantings")) {
        plantings.push_back({PlantingId{field(p, "id").get<std::uint64_t>()},
                             LaneId{field(p, "lane").get<std::uint64_t>()},
                             field(p, "description").get<std::string>()});
        claim(plantings.back().id.value);
    }
    project.plantings = std::make_shared<const std::vector<Planting>>(std::move(plantings));
    for (const auto& l : field(j, "lanes")) {
        Lane lane = read_lane(l);
        claim(lane.id.value);
        for (const auto& pin : lane.pins)
            claim(pin.id.value);
        project.lanes.push_back(std::make_shared<const Lane>(std::move(lane)));
    }
    return project;
}

} // namespace

std::string project_to_json(const Project& project, const Path& folder) {
    json excluded = json::array();
    for (const auto& span : *project.excluded)
        excluded.push_back({{"from", span.from.value}, {"until", span.until.value}});
    json bin = json::array(), plantings = json::array(), lanes = json::array(), song;
    for (const auto& clip : *project.bin)
        bin.push_back({{"id", clip.id.value},
                       {"name", clip.name},
                       {"path", path_text(clip.path, folder)},
                       {"duration", clip.duration.value},
                       {"width", clip.width},
                       {"height", clip.height},
                       {"has_picture", clip.has_picture},
                       {"has_sound", clip.has_sound}});
    for (const auto& planting : *project.plantings)
        plantings.push_back({{"id", planting.id.value},
                             {"lane", planting.lane.value},
                             {"description", planting.description}});
    for (const auto& lane : project.lanes)
        lanes.push_back(write(*lane));
    if (project.song)
        song = {{"path", path_text(project.song->path, folder)},
                {"title", project.song->title},
                {"sample_rate", project.song->sample_rate},
                {"length", project.song->length.value},
                {"from", project.song->from.value},
                {"fingerprint", project.song->fingerprint}};
    const json j{{"format", "pulsepin-project"},
                 {"version", project_format_version},
                 {"settings", write(*project.settings)},
                 {"song", song},
                 {"found", project.detection ? write(*project.detection) : json()},
                 {"grid", project.grid ? write(*project.grid) : json()},
                 {"excluded", excluded},
                 {"bin", bin},
                 {"plantings", plantings},
                 {"lanes", lanes},
                 {"next_id", project.next_id}};
    // Names that are not UTF-8 (file names may be anything) are mended rather than refused: saving must not
    // fail.
    return j.dump(1, ' ', false, json::error_handler_t::replace) + "\n";
}

Result<Project> project_from_json(std::string_view text, const Path& folder) {
    const json j = json::parse(text, nullptr, false);
    if (j.is_discarded())
        return fail("This is not a Pulse Pin project, or it was cut off.", {},
                    "Open a file that ends in .pulsepin, or an older copy.");
    if (!j.is_object() || j.value("format", json()) != "pulsepin-project")
        return fail("This is not a Pulse Pin project.", {}, "Open a file that ends in .pulsepin.");
    if (!j.contains("version") || !j["version"].is_number_integer())
        return fail("The project does not say its version.");
    if (j["version"].get<std::int64_t>() > project_format_version)
        return fail("This project was saved by a newer Pulse Pin.", {}, "Update Pulse Pin to open it.");
    try {
        return read_project(j, folder);
    } catch (const BadProject& bad) {
        return fail(std::string("The project is damaged: ") + bad.what() + ".", {}, "Open an older copy.");
    } catch (const json::exception&) {
        return fail("The project is damaged: a value is not of the expected type.", {},
                    "Open an older copy.");
    }
}

} // namespace pulsepin
