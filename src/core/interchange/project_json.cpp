// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/project_json.h"

#include "interchange/found_json.h"
#include "interchange/json_fields.h"
#include "interchange/motion_json.h"
#include "interchange/pin_json.h"
#include "interchange/project_upgrade.h"
#include "kinds/kinds.h"
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
        pins.push_back(pin_json(pin, lane.kind));
    }
    json j{{"id", lane.id.value}, {"kind", lane.kind->id}, {"name", lane.name}, {"muted", lane.muted},
           {"solo", lane.solo},   {"locked", lane.locked}, {"pins", pins}};
    write_lead(j, lane.lead);
    if (lane.kind->drives())
        j["motion"] = motion_json(lane.motion);
    return j;
}

Lane read_lane(const json& j) {
    const auto kind_id = text_field(j, "kind");
    const auto kind = lane_kind_by_id(kind_id);
    require(kind.has_value(), "there is a lane of the unknown kind \"" + kind_id + "\"");
    Lane lane{id_field<LaneId>(j, "id"),
              *kind,
              text_field(j, "name"),
              read_lead(j),
              {},
              flag_field(j, "muted", false),
              flag_field(j, "solo", false)};
    lane.locked = flag_field(j, "locked", false);
    if (const auto* motion = optional_field(j, "motion"))
        lane.motion = read_motion(*motion);
    for (const auto& p : list_field(j, "pins"))
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
    settings.title = text_field(j, "title");
    const auto rate = FrameRate::parse(text_field(j, "frame_rate"));
    require(rate.has_value(), "the frame rate cannot be read");
    settings.frame_rate = *rate;
    const auto rounding = text_field(j, "rounding");
    require(rounding == "nearest" || rounding == "never-late", "the rounding rule is unknown");
    settings.rounding = rounding == "nearest" ? FrameRounding::Nearest : FrameRounding::NeverLate;
    const auto& size = list_field(j, "picture_size", 2);
    require(size.size() == 2, "the picture size must be two numbers");
    settings.picture_width = static_cast<int>(whole_of_json(size[0], "picture_size", limits::picture_side));
    settings.picture_height = static_cast<int>(whole_of_json(size[1], "picture_size", limits::picture_side));
    if (const auto* text = optional_field(j, "schedule_text")) { // not in files of earlier versions
        auto& how = settings.schedule_text;
        how.pattern = text_field(*text, "pattern", limits::note);
        how.separator = text_field(*text, "separator");
        how.decimals = static_cast<int>(whole_field(*text, "decimals", limits::decimals));
        const auto keys = text_field(*text, "keys");
        const auto* known = std::find(std::begin(schedule_keys), std::end(schedule_keys), keys);
        require(known != std::end(schedule_keys), "keys are written in the unknown way \"" + keys + "\"");
        how.keys = static_cast<ScheduleText::Keys>(known - std::begin(schedule_keys));
    }
    return settings;
}

Song read_song(const json& j, const Path& folder) {
    Song song{full_path(text_field(j, "path", limits::path), folder),
              text_field(j, "title"),
              whole_field(j, "sample_rate", limits::sample_rate),
              Samples(whole_field(j, "length", limits::samples)),
              text_field(j, "fingerprint"),
              Samples(whole_field(j, "from", limits::samples, 0))};
    require(song.duration().value <= limits::longest_song, "the song is longer than a day");
    return song;
}

Clip read_clip(const json& j, const Path& folder) {
    Clip clip{id_field<ClipId>(j, "id"),
              text_field(j, "name"),
              full_path(text_field(j, "path", limits::path), folder),
              Seconds(number_field(j, "duration", limits::duration)),
              static_cast<int>(whole_field(j, "width", limits::clip_side)),
              static_cast<int>(whole_field(j, "height", limits::clip_side)),
              flag_field(j, "has_picture", true),
              flag_field(j, "has_sound", false),
              flag_field(j, "still", false)};
    if (optional_field(j, "begins_at"))
        clip.begins_at = Seconds(number_field(j, "begins_at", limits::seconds));
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
    project.next_id = static_cast<std::uint64_t>(whole_field(j, "next_id", limits::id));

    std::set<std::uint64_t> ids;
    const auto claim = [&](std::uint64_t id) {
        require(id > 0 && id < project.next_id && ids.insert(id).second,
                "the number " + std::to_string(id) + " names two things or none");
    };
    std::vector<TimeSpan> excluded;
    for (const auto& span : optional_list(j, "excluded")) // not in files of earlier versions
        excluded.push_back({Seconds(number_field(span, "from", limits::seconds)),
                            Seconds(number_field(span, "until", limits::seconds))});
    project.excluded = std::make_shared<const std::vector<TimeSpan>>(std::move(excluded));
    std::vector<Clip> bin;
    for (const auto& c : list_field(j, "bin")) {
        bin.push_back(read_clip(c, folder));
        claim(bin.back().id.value);
    }
    project.bin = std::make_shared<const std::vector<Clip>>(std::move(bin));
    std::vector<Planting> plantings;
    for (const auto& p : list_field(j, "plantings")) {
        plantings.push_back(read_planting(p));
        claim(plantings.back().id.value);
    }
    project.plantings = std::make_shared<const std::vector<Planting>>(std::move(plantings));
    std::vector<NamedPicker> pickers;
    for (const auto& p : optional_list(j, "pickers")) // not in files of earlier versions
        pickers.push_back({text_field(p, "name"), read_picker(field(p, "picker"))});
    project.pickers = std::make_shared<const std::vector<NamedPicker>>(std::move(pickers));
    std::vector<Pulse> pulses;
    for (const auto& pulse : optional_list(j, "pulses")) // nor these two
        pulses.push_back(read_pulse(pulse));
    project.pulses = std::make_shared<const std::vector<Pulse>>(std::move(pulses));
    if (const auto* layers = optional_field(j, "layers"))
        project.stage = std::make_shared<const Stage>(read_stage(*layers));
    for (const auto& layer : project.stage->layers)
        require(layer.id.value < std::max<std::uint64_t>(project.next_id, 3),
                "the layer \"" + layer.name + "\" has a number that is not given out yet");
    for (const auto& l : list_field(j, "lanes", limits::few)) {
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
    json j = json::parse(text, nullptr, false);
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
        if (const auto version = j["version"].get<std::int64_t>(); version < project_format_version)
            upgrade_project(j, version);
        return read_project(j, folder);
    } catch (const BadField& bad) {
        return fail(std::string("The project is damaged: ") + bad.what() + ".", {}, "Open an older copy.",
                    ErrorKind::Damaged);
    } catch (const json::exception&) {
        return fail("The project is damaged: a value is not of the expected type.", {}, "Open an older copy.",
                    ErrorKind::Damaged);
    }
}

} // namespace pulsepin
