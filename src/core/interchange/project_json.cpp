// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/project_json.h"

#include "interchange/found_json.h"
#include "interchange/json_fields.h"
#include "interchange/motion_json.h"
#include "interchange/pin_json.h"
#include "model/lane_kinds.h"
#include "time/musical_text.h"

#include <algorithm>
#include <nlohmann/json.hpp>
#include <set>

namespace pulsepin {
namespace {

using nlohmann::json;
using Path = std::filesystem::path;

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

json write(const Lane& lane) {
    json pins = json::array();
    for (const auto& pin : lane.pins) {
        pins.push_back(pin_json(pin));
    }
    json j{
        {"id", lane.id.value}, {"kind", lane_kind(lane.kind).id}, {"name", lane.name}, {"muted", lane.muted},
        {"solo", lane.solo},   {"locked", lane.locked},           {"pins", pins}};
    write_lead(j, lane.lead);
    if (drives(lane.kind))
        j["motion"] = motion_json(lane.motion);
    return j;
}

Lane read_lane(const json& j) {
    const auto kind_id = field(j, "kind").get<std::string>();
    const auto* kind = lane_kind_by_id(kind_id);
    require(kind != nullptr, "there is a lane of the unknown kind \"" + kind_id + "\"");
    Lane lane{LaneId{field(j, "id").get<std::uint64_t>()},
              kind->kind,
              field(j, "name").get<std::string>(),
              read_lead(j),
              {},
              j.value("muted", false),
              j.value("solo", false)};
    lane.locked = j.value("locked", false);
    if (const auto motion = j.find("motion"); motion != j.end())
        lane.motion = read_motion(*motion);
    for (const auto& p : field(j, "pins"))
        lane.pins.push_back(read_pin(p, lane.kind));
    return lane;
}

// -- the rest

constexpr const char* schedule_keys[] = {"as-they-are", "straight", "each-frame"};

json write(const Settings& settings) {
    const ScheduleText& text = settings.schedule_text;
    return {{"title", settings.title},
            {"frame_rate", std::to_string(settings.frame_rate.numerator()) + "/" +
                               std::to_string(settings.frame_rate.denominator())},
            {"rounding", settings.rounding == FrameRounding::Nearest ? "nearest" : "never-late"},
            {"picture_size", {settings.picture_width, settings.picture_height}},
            {"schedule_text",
             {{"pattern", text.pattern},
              {"separator", text.separator},
              {"decimals", text.decimals},
              {"keys", schedule_keys[static_cast<std::size_t>(text.keys)]}}}};
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
    if (const auto text = j.find("schedule_text"); text != j.end()) { // not in files of earlier versions
        auto& how = settings.schedule_text;
        how.pattern = field(*text, "pattern").get<std::string>();
        how.separator = field(*text, "separator").get<std::string>();
        how.decimals = std::clamp(field(*text, "decimals").get<int>(), 0, 12);
        const auto keys = field(*text, "keys").get<std::string>();
        const auto* known = std::find(std::begin(schedule_keys), std::end(schedule_keys), keys);
        require(known != std::end(schedule_keys), "keys are written in the unknown way \"" + keys + "\"");
        how.keys = static_cast<ScheduleText::Keys>(known - std::begin(schedule_keys));
    }
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

Clip read_clip(const json& j, const Path& folder) {
    Clip clip{ClipId{field(j, "id").get<std::uint64_t>()},
              field(j, "name").get<std::string>(),
              full_path(field(j, "path").get<std::string>(), folder),
              Seconds(field(j, "duration").get<double>()),
              field(j, "width").get<int>(),
              field(j, "height").get<int>(),
              j.value("has_picture", true),
              j.value("has_sound", false),
              j.value("still", false)};
    if (const auto begins = j.find("begins_at"); begins != j.end())
        clip.begins_at = Seconds(begins->get<double>());
    return clip;
}

json write(const Clip& clip, const Path& folder) {
    json j{{"id", clip.id.value},
           {"name", clip.name},
           {"path", path_text(clip.path, folder)},
           {"duration", clip.duration.value},
           {"width", clip.width},
           {"height", clip.height},
           {"has_picture", clip.has_picture},
           {"has_sound", clip.has_sound}};
    if (clip.still)
        j["still"] = true;
    if (clip.begins_at)
        j["begins_at"] = clip.begins_at->value;
    return j;
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
        bin.push_back(read_clip(c, folder));
        claim(bin.back().id.value);
    }
    project.bin = std::make_shared<const std::vector<Clip>>(std::move(bin));
    std::vector<Planting> plantings;
    for (const auto& p : field(j, "plantings")) {
        plantings.push_back(read_planting(p));
        claim(plantings.back().id.value);
    }
    project.plantings = std::make_shared<const std::vector<Planting>>(std::move(plantings));
    std::vector<NamedPicker> pickers;
    if (const auto named = j.find("pickers"); named != j.end()) // not in files of earlier versions
        for (const auto& p : *named)
            pickers.push_back({field(p, "name").get<std::string>(), read_picker(field(p, "picker"))});
    project.pickers = std::make_shared<const std::vector<NamedPicker>>(std::move(pickers));
    std::vector<Pulse> pulses;
    if (const auto kept = j.find("pulses"); kept != j.end()) // nor these two
        for (const auto& pulse : *kept)
            pulses.push_back(read_pulse(pulse));
    project.pulses = std::make_shared<const std::vector<Pulse>>(std::move(pulses));
    if (const auto layers = j.find("layers"); layers != j.end())
        project.stage = std::make_shared<const Stage>(read_stage(*layers));
    for (const auto& layer : project.stage->layers)
        require(layer.id.value < std::max<std::uint64_t>(project.next_id, 3),
                "the layer \"" + layer.name + "\" has a number that is not given out yet");
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
    json bin = json::array(), plantings = json::array(), pickers = json::array(), lanes = json::array(), song;
    for (const auto& clip : *project.bin)
        bin.push_back(write(clip, folder));
    for (const auto& planting : *project.plantings)
        plantings.push_back(planting_json(planting));
    for (const auto& named : *project.pickers)
        pickers.push_back({{"name", named.name}, {"picker", picker_json(named.picker)}});
    for (const auto& lane : project.lanes)
        lanes.push_back(write(*lane));
    json pulses = json::array();
    for (const auto& pulse : *project.pulses)
        pulses.push_back(pulse_json(pulse));
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
                 {"found", project.detection ? detection_json(*project.detection) : json()},
                 {"grid", project.grid ? grid_json(*project.grid) : json()},
                 {"excluded", excluded},
                 {"bin", bin},
                 {"plantings", plantings},
                 {"pickers", pickers},
                 {"pulses", pulses},
                 {"layers", stage_json(*project.stage)},
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
    } catch (const BadField& bad) {
        return fail(std::string("The project is damaged: ") + bad.what() + ".", {}, "Open an older copy.");
    } catch (const json::exception&) {
        return fail("The project is damaged: a value is not of the expected type.", {},
                    "Open an older copy.");
    }
}

} // namespace pulsepin
