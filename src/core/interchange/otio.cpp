// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/otio.h"

#include "interchange/heard_tracks.h"
#include "model/marker_looks.h"
#include "schedule/lasting.h"
#include "schedule/piece_length.h"
#include "schedule/sound_parts.h"

#include <algorithm>
#include <cmath>
#include <fmt/core.h>
#include <nlohmann/json.hpp>

namespace pulsepin {
namespace {

using nlohmann::json;

/// Those of the six colours of markers, by their nearest names there.
constexpr const char* marker_colour_names[] = {"PURPLE", "RED", "ORANGE", "GREEN", "BLUE", "BLACK"};

json ours(json about) {
    return about.empty() ? json::object() : json{{"pulsepin", std::move(about)}};
}

class Timeline {
public:
    explicit Timeline(const ExportMaterial& material)
        : project_(material.project), schedule_(material.curves.schedule),
          rate_(project_.settings->frame_rate), length_(piece_length(project_)) {}

    void add_cuts() {
        for (std::size_t i = 0; i < schedule_.size(); ++i) {
            const Lane& lane = *project_.lanes[i];
            if (!holds<CutBody>(lane.kind) || lane.muted || schedule_.spans(i).shots.empty())
                continue;
            json children = json::array();
            Frames reached(0);
            for (const auto& shot : schedule_.spans(i).shots)
                add_shot(children, shot, reached);
            add_track(lane.name, "Video", std::move(children));
        }
    }

    void add_sounds(const ExportMaterial& material) {
        for (const auto& track : heard_tracks(material)) {
            json children = json::array();
            Seconds reached(0);
            for (const auto& item : track.items) {
                add_gap(children, frames(item.start - reached));
                children.push_back(
                    clip(item.name,
                         item.file.empty() ? missing(item.name) : media(item.file, frames(item.file_length)),
                         frames(item.from), frames(item.end - item.start), loudness(item.body)));
                reached = item.end;
            }
            add_track(track.name, "Audio", std::move(children));
        }
    }

    [[nodiscard]] bool empty() const { return tracks_.empty(); }

    [[nodiscard]] json whole() {
        const Settings& settings = *project_.settings;
        json about = json::object();
        for (const auto& [name, told] :
             {std::pair("author", &settings.author), std::pair("remarks", &settings.remarks)})
            if (!told->empty())
                about[name] = *told;
        about["picture"] = {{"width", settings.picture_width}, {"height", settings.picture_height}};
        return {{"OTIO_SCHEMA", "Timeline.1"},
                {"name", settings.title},
                {"global_start_time", nullptr},
                {"metadata", ours(std::move(about))},
                {"tracks",
                 {{"OTIO_SCHEMA", "Stack.1"},
                  {"name", "tracks"},
                  {"source_range", nullptr},
                  {"effects", json::array()},
                  {"markers", markers()},
                  {"enabled", true},
                  {"metadata", json::object()},
                  {"children", std::move(tracks_)}}}};
    }

private:
    // -- times

    [[nodiscard]] double frames(Seconds time) const {
        const double exact = time.value * rate_.per_second(), whole = std::round(exact);
        return std::abs(exact - whole) < 1e-6 ? whole : exact;
    }
    [[nodiscard]] json time(double value) const {
        return {{"OTIO_SCHEMA", "RationalTime.1"}, {"rate", rate_.per_second()}, {"value", value}};
    }
    [[nodiscard]] json range(double start, double duration) const {
        return {{"OTIO_SCHEMA", "TimeRange.1"}, {"start_time", time(start)}, {"duration", time(duration)}};
    }

    // -- what lies on tracks

    static json item(const char* schema, const std::string& name, json source_range, json effects,
                     json about) {
        return {{"OTIO_SCHEMA", schema},
                {"name", name},
                {"source_range", std::move(source_range)},
                {"effects", std::move(effects)},
                {"markers", json::array()},
                {"enabled", true},
                {"metadata", ours(std::move(about))}};
    }

    void add_gap(json& children, double duration) const {
        if (duration > 0)
            children.push_back(item("Gap.1", "", range(0, duration), json::array(), json::object()));
    }

    void add_track(const std::string& name, const char* kind, json children) {
        json track = item("Track.1", name, nullptr, json::array(), json::object());
        track["kind"] = kind;
        track["children"] = std::move(children);
        tracks_.push_back(std::move(track));
    }

    [[nodiscard]] json media(const std::filesystem::path& path, std::optional<double> duration) const {
        return {{"OTIO_SCHEMA", "ExternalReference.1"},
                {"name", path.filename().string()},
                {"target_url", file_url(path)},
                {"available_range", duration ? range(0, *duration) : json(nullptr)},
                {"available_image_bounds", nullptr},
                {"metadata", json::object()}};
    }
    [[nodiscard]] json media(const Clip& clip) const {
        return media(clip.path, clip.still ? std::nullopt : std::optional(frames(clip.duration)));
    }
    static json missing(const std::string& name) {
        return {{"OTIO_SCHEMA", "MissingReference.1"},
                {"name", name},
                {"available_range", nullptr},
                {"available_image_bounds", nullptr},
                {"metadata", json::object()}};
    }

    [[nodiscard]] json clip(const std::string& name, json reference, double start, double duration,
                            json about, json effects = json::array()) const {
        json made = item("Clip.1", name, range(start, duration), std::move(effects), std::move(about));
        made["media_reference"] = std::move(reference);
        return made;
    }

    // -- pictures

    void add_shot(json& children, const ShotSpan& shot, Frames& reached) const {
        add_gap(children, static_cast<double>((shot.start - reached).value));
        if (shot.fade > Frames(0) && shot.start == reached && !children.empty())
            children.push_back(change_to(shot));
        const Clip* of = project_.clip(shot.shot);
        const std::string name = of               ? of->name
                                 : shot.slate > 0 ? fmt::format("slate {}", shot.slate)
                                                  : std::string("not in the bin");
        json about = json::object();
        if (shot.framing != ShotFraming{})
            about["framing"] = {{"base", shot.framing.base == ShotFraming::Base::Fit ? "fit" : "fill"},
                                {"scale", shot.framing.scale},
                                {"x", shot.framing.x},
                                {"y", shot.framing.y}};
        if (of && of->turned != 0)
            about["turned"] = 90 * of->turned;
        children.push_back(clip(name, of ? media(*of) : missing(name),
                                of && of->still ? 0 : frames(shot.in_point),
                                static_cast<double>(shot.length().value), std::move(about), speed_of(shot)));
        reached = shot.end;
    }

    static json speed_of(const ShotSpan& shot) {
        if (shot.speed == 1)
            return json::array();
        const bool still = shot.speed == 0;
        return json::array({{{"OTIO_SCHEMA", still ? "FreezeFrame.1" : "LinearTimeWarp.1"},
                             {"name", ""},
                             {"effect_name", still ? "FreezeFrame" : "LinearTimeWarp"},
                             {"time_scalar", shot.speed},
                             {"enabled", true},
                             {"metadata", json::object()}}});
    }

    /// Half of a cross-fade lies before the cut.
    [[nodiscard]] json change_to(const ShotSpan& shot) const {
        const auto before = shot.fade.value / 2;
        const bool dissolves = shot.change == CutBody::Change::Fade;
        const char* name = dissolves ? "dissolve" : shot.change == CutBody::Change::Wipe ? "wipe" : "rush";
        return {{"OTIO_SCHEMA", "Transition.1"},
                {"name", name},
                {"transition_type", dissolves ? "SMPTE_Dissolve" : "Custom_Transition"},
                {"in_offset", time(static_cast<double>(before))},
                {"out_offset", time(static_cast<double>(shot.fade.value - before))},
                {"metadata", ours({{"change", name}})}};
    }

    // -- sounds

    static json loudness(const SoundBody& body) {
        json about = json::object();
        if (body.gain_db != 0)
            about["gain_db"] = body.gain_db;
        if (body.fade_in > Seconds(0))
            about["fade_in_seconds"] = body.fade_in.value;
        if (body.fade_out > Seconds(0))
            about["fade_out_seconds"] = body.fade_out.value;
        for (const auto& point : body.gain_line)
            about["gain_line"].push_back({{"seconds", point.at.value}, {"db", point.db}});
        return about;
    }

    // -- markers

    [[nodiscard]] json markers() const {
        json all = json::array();
        for (std::size_t i = 0; i < schedule_.size(); ++i) {
            const Lane& lane = *project_.lanes[i];
            if (!holds<MarkerBody>(lane.kind) || lane.muted)
                continue;
            for (const auto& pin : schedule_[i].pins) {
                const auto& marker = body_of<MarkerBody>(lane.pins[pin.index].body);
                if (lane.pins[pin.index].muted || pin.frame < Frames(0) || pin.frame >= length_)
                    continue;
                const auto lasts = duration_of(marker.length, pin.time, project_);
                const Frames end = lasts ? rate_.frame_at(pin.time + *lasts) : pin.frame;
                const auto colour = static_cast<std::size_t>(marker.colour);
                all.push_back(
                    {{"OTIO_SCHEMA", "Marker.2"},
                     {"name", marker.name},
                     {"comment", marker.note},
                     {"color", marker_colour_names[colour % std::size(marker_colour_names)]},
                     {"marked_range", range(static_cast<double>(pin.frame.value),
                                            static_cast<double>(std::max(end - pin.frame, Frames(0)).value))},
                     {"metadata", ours({{"lane", lane.name},
                                        {"colour", marker_colours()[colour].id},
                                        {"seconds", pin.time.value}})}});
            }
        }
        return all;
    }

    const Project& project_;
    const Schedule& schedule_;
    FrameRate rate_;
    Frames length_;
    json tracks_ = json::array();
};

} // namespace

std::string file_url(const std::filesystem::path& path) {
    std::string url = "file://";
    for (const char c : std::filesystem::absolute(path).generic_string()) {
        const bool plain = (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || (c >= '0' && c <= '9') ||
                           std::string_view("-._~/").find(c) != std::string_view::npos;
        url += plain ? std::string(1, c) : fmt::format("%{:02X}", static_cast<unsigned char>(c));
    }
    return url;
}

Result<std::string> write_otio(const ExportMaterial& material) {
    Timeline timeline(material);
    timeline.add_cuts();
    timeline.add_sounds(material);
    if (timeline.empty())
        return fail("There is nothing to write: no cuts, and nothing that is heard.", {},
                    "Place cuts first.");
    return timeline.whole().dump(1, ' ', false, json::error_handler_t::replace) + "\n";
}

std::vector<std::string> otio_losses(const ExportMaterial& material) {
    const Project& project = material.project;
    std::vector<std::string> losses;
    const auto say = [&](std::size_t many, const char* one, const char* several) {
        if (many > 0)
            losses.push_back(many == 1 ? one : fmt::format(fmt::runtime(several), many));
    };
    std::size_t framed = 0, changed = 0, levels = 0, effects = 0, curves = 0;
    for (const auto& lane : project.lanes) {
        if (lane->muted)
            continue;
        const auto& spans = material.curves.schedule.spans(lane->id);
        for (const auto& shot : spans.shots) {
            framed += shot.framing != ShotFraming{};
            changed += shot.fade > Frames(0) && shot.change != CutBody::Change::Fade;
        }
        effects += spans.triggers.size();
        curves += lane->kind->drives();
    }
    const auto has_levels = [](const SoundBody& body) {
        return body.gain_db != 0 || body.fade_in > Seconds(0) || body.fade_out > Seconds(0) ||
               !body.gain_line.empty();
    };
    for (const auto& part : heard_parts(material.curves.schedule))
        levels += has_levels(part.body);
    levels += project.song && song_is_heard(project) && has_levels(project.song_track->body);
    say(framed, "how one shot lies in the picture (kept under \"pulsepin\")",
        "how {} shots lie in the picture (kept under \"pulsepin\")");
    say(changed, "one wipe or rush (named in its transition)",
        "{} wipes or rushes (named in their transitions)");
    say(levels, "gain and fades of one sound (kept under \"pulsepin\")",
        "gains and fades of {} sounds (kept under \"pulsepin\")");
    say(effects, "one trigger", "{} triggers");
    say(curves, "one lane of curves", "{} lanes of curves");
    const auto& layers = project.stage->layers;
    say(static_cast<std::size_t>(std::ranges::count_if(layers,
                                                       [](const Layer& layer) {
                                                           return layer.kind != layers::shots &&
                                                                  layer.kind != layers::camera &&
                                                                  !layer.hidden;
                                                       })),
        "one layer over the shots", "{} layers over the shots");
    return losses;
}

} // namespace pulsepin
