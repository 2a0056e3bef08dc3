// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/mlt_xml.h"

#include "base/xml_text.h"
#include "interchange/heard_tracks.h"
#include "model/marker_looks.h"
#include "schedule/lasting.h"
#include "schedule/piece_length.h"
#include "schedule/shots.h"

#include <algorithm>
#include <cmath>
#include <fmt/core.h>
#include <numeric>

namespace pulsepin {
namespace {

std::string property(std::string_view name, std::string_view value) {
    return fmt::format("<property name=\"{}\">{}</property>", name, xml_text(value));
}
std::string property(std::string_view name, std::int64_t value) {
    return property(name, std::to_string(value));
}

/// What is seen at once: frames from `start` up to `end` of the piece, of one shot.
struct Stretch {
    const ShotSpan* shot;
    Frames start, end;
};

class MltXml {
public:
    explicit MltXml(const ExportMaterial& material)
        : project_(material.project), rate_(project_.settings->frame_rate),
          length_(std::max(piece_length(project_), Frames(1))) {}

    void add_cuts(const ExportMaterial& material) {
        const auto* seen = &material.written_shots();
        for (const auto& lane : project_.lanes) {
            const auto& shots = material.curves.schedule.spans(lane->id).shots;
            if (!holds<CutBody>(lane->kind) || lane->muted || shots.empty())
                continue;
            const std::string entries = entries_of(shots);
            tracks_.push_back({add_playlist(lane->name, entries), &shots == seen ? "audio" : "both", false});
        }
    }

    void add_sounds(const ExportMaterial& material) {
        for (const auto& track : heard_tracks(material)) {
            std::string entries;
            Frames reached(0);
            for (const auto& item : track.items) {
                const Frames start = std::max(frame(item.start), reached),
                             end = std::min(frame(item.end), length_);
                if (end <= start || item.file.empty())
                    continue;
                entries += blank(start - reached) + sound(item, end - start);
                reached = end;
            }
            if (!entries.empty())
                tracks_.push_back({add_playlist(track.name, entries), "video", true});
        }
    }

    /// MLT has none: they are told in properties of ours.
    void add_markers(const Schedule& schedule) {
        int number = 0;
        for (std::size_t i = 0; i < schedule.size(); ++i) {
            const Lane& lane = *project_.lanes[i];
            if (!holds<MarkerBody>(lane.kind) || lane.muted)
                continue;
            for (const auto& pin : schedule[i].pins) {
                const Pin& placed = lane.pins[pin.index];
                const auto& marker = body_of<MarkerBody>(placed.body);
                if (placed.muted || pin.frame < Frames(0) || pin.frame >= length_)
                    continue;
                const auto lasts = duration_of(marker.length, pin.time, project_);
                const Frames end = lasts ? rate_.frame_at(pin.time + *lasts) : pin.frame;
                const std::string id = fmt::format("pulsepin:marker.{}", ++number);
                const auto colour = marker_colours()[static_cast<std::size_t>(marker.colour)].id;
                markers_ += property(id, fmt::format("{} {} {}", pin.frame.value, end.value, colour)) +
                            property(id + ".name", marker.name) + property(id + ".note", marker.note) + "\n";
            }
        }
    }

    [[nodiscard]] bool empty() const { return tracks_.empty(); }

    [[nodiscard]] std::string whole() const {
        const Settings& settings = *project_.settings;
        const auto shape = std::gcd(settings.picture_width, settings.picture_height);
        std::string text =
            fmt::format("<?xml version=\"1.0\" encoding=\"utf-8\"?>\n<mlt LC_NUMERIC=\"C\" title=\"{}\" "
                        "producer=\"piece\">\n"
                        "<profile description=\"{}\" width=\"{}\" height=\"{}\" progressive=\"1\" "
                        "sample_aspect_num=\"1\" "
                        "sample_aspect_den=\"1\" display_aspect_num=\"{}\" display_aspect_den=\"{}\" "
                        "frame_rate_num=\"{}\" frame_rate_den=\"{}\" colorspace=\"709\"/>\n",
                        xml_text(settings.title), xml_text(settings.title), settings.picture_width,
                        settings.picture_height, settings.picture_width / shape,
                        settings.picture_height / shape, rate_.numerator(), rate_.denominator());
        text += fmt::format("<producer id=\"ground\" in=\"0\" out=\"{}\">{}{}{}</producer>\n",
                            length_.value - 1, property("mlt_service", "color"),
                            property("resource", "#ff000000"), property("length", length_.value));
        text += parts_;
        text += fmt::format("<tractor id=\"piece\" in=\"0\" out=\"{}\">{}{}\n<multitrack>\n"
                            "<track producer=\"ground\"/>\n",
                            length_.value - 1, property("pulsepin:author", settings.author),
                            property("pulsepin:remarks", settings.remarks));
        for (const auto& track : tracks_)
            text += fmt::format("<track producer=\"{}\" hide=\"{}\"/>\n", track.playlist, track.hides);
        text += "</multitrack>\n";
        // Every track that is heard is added to the ground, which is silent.
        for (std::size_t i = 0; i < tracks_.size(); ++i)
            if (tracks_[i].is_heard)
                text +=
                    fmt::format("<transition>{}{}{}{}{}</transition>\n", property("mlt_service", "mix"),
                                property("a_track", 0), property("b_track", static_cast<std::int64_t>(i) + 1),
                                property("always_active", 1), property("sum", 1));
        return text + markers_ + "</tractor>\n</mlt>\n";
    }

private:
    struct Track {
        std::string playlist;
        const char* hides;
        bool is_heard;
    };

    [[nodiscard]] Frames frame(Seconds time) const {
        return round_to_frame(time, rate_, FrameRounding::Nearest).frame;
    }

    /// The one that is seen at a moment of a clip of this rate.
    [[nodiscard]] Frames picture_at(Seconds time) const { return rate_.frame_at(time + Seconds(1e-6)); }

    static std::string blank(Frames length) {
        return length > Frames(0) ? fmt::format("<blank length=\"{}\"/>\n", length.value) : std::string();
    }
    static std::string entry(const std::string& producer, Frames in, Frames length) {
        return fmt::format("<entry producer=\"{}\" in=\"{}\" out=\"{}\"/>\n", producer, in.value,
                           (in + length).value - 1);
    }
    std::string next_id(const char* what) { return fmt::format("{}{}", what, ++made_); }

    std::string add_playlist(const std::string& name, const std::string& entries) {
        auto id = next_id("lane");
        parts_ += fmt::format("<playlist id=\"{}\">{}\n{}</playlist>\n", id, property("pulsepin:name", name),
                              entries);
        return id;
    }

    // -- pictures

    /// One after the other; cross-fades are tractors of their own between them.
    std::string entries_of(const std::vector<ShotSpan>& shots) {
        std::string entries;
        Frames reached(0);
        for (std::size_t i = 0; i < shots.size(); ++i) {
            const ShotSpan& shot = shots[i];
            const ShotSpan* next =
                i + 1 < shots.size() && shots[i + 1].fade > Frames(0) && shots[i + 1].start == shot.end
                    ? &shots[i + 1]
                    : nullptr;
            const bool fades = i > 0 && shot.fade > Frames(0) && shots[i - 1].end == shot.start;
            Frames start = fades ? fade_start(shot) + shot.fade : shot.start;
            if (!fades)
                entries += blank(start - reached);
            // One frame of the shot before stands at its head, so that the first one of the fade is as far as
            // ours: one more than the fade has frames is what it is divided by.
            const Frames end = next ? std::max(fade_start(*next) - Frames(1), start) : shot.end;
            if (end > start)
                entries += of_shot({&shot, start, end});
            start = std::max(start, end);
            if (next) {
                const Frames until = fade_start(*next) + next->fade;
                entries += entry(dissolve({&shot, start, until}, {next, start, until}, next->fade), Frames(0),
                                 until - start);
                start = until;
            }
            reached = std::max(start, shot.end);
        }
        return entries;
    }

    std::string dissolve(const Stretch& from, const Stretch& to, Frames fade) {
        const auto first = add_playlist("from", of_shot(from)), second = add_playlist("to", of_shot(to));
        auto id = next_id("change");
        const auto out = (from.end - from.start).value - 1;
        parts_ +=
            fmt::format("<tractor id=\"{}\" in=\"0\" out=\"{}\">{}<multitrack><track producer=\"{}\" "
                        "hide=\"audio\"/><track producer=\"{}\" hide=\"audio\"/></multitrack>\n"
                        "<transition in=\"0\" out=\"{}\">{}{}{}</transition></tractor>\n",
                        id, out, property("pulsepin:fade", fade.value), first, second, out,
                        property("mlt_service", "luma"), property("a_track", 0), property("b_track", 1));
        return id;
    }

    std::string of_shot(const Stretch& of) {
        const ShotSpan& shot = *of.shot;
        const Clip* clip = project_.clip(shot.shot);
        const Frames length = of.end - of.start;
        if (!clip)
            return slate(shot, length);
        const std::string file = absolute(clip->path);
        if (clip->still)
            return use(of, *clip, property("mlt_service", "pixbuf") + property("resource", file), Frames(0),
                       length);
        if (shot.speed == 0)
            return held(of, *clip, picture_at(shot.in_point), length);
        if (shot.speed == 1)
            return use(of, *clip, property("mlt_service", "avformat") + property("resource", file),
                       std::max(picture_at(shot.in_point) + (of.start - shot.start), Frames(0)), length);
        return at_speed(of, *clip, length);
    }

    std::string held(const Stretch& of, const Clip& clip, Frames picture, Frames length) {
        return use(of, clip,
                   property("mlt_service", "hold") + property("resource", absolute(clip.path)) +
                       property("frame", picture.value),
                   Frames(0), length);
    }

    /// Frames are counted that the clip has when it is run at that speed; backwards from its end.
    std::string at_speed(const Stretch& of, const Clip& clip, Frames length) {
        const double speed = of.shot->speed, fast = std::abs(speed);
        // It rounds to the nearest picture, and we show the one that has begun: half a picture less.
        const auto position = [&](Seconds time) {
            const double at = (time.value * rate_.per_second() - 0.5 + 1e-6) / fast;
            return Frames(fast < 1 ? static_cast<std::int64_t>(std::floor(at)) : std::llround(at));
        };
        const Seconds at = clip_time(*of.shot, of.start, rate_);
        const std::string about = property("mlt_service", "timewarp") +
                                  property("resource", fmt::format("{:.6f}:{}", speed, absolute(clip.path))) +
                                  property("warp_speed", fmt::format("{:.6f}", speed)) +
                                  property("warp_resource", absolute(clip.path));
        if (speed > 0)
            return use(of, clip, about, std::max(position(at), Frames(0)), length);
        const Frames all(std::llround(clip.duration.value * rate_.per_second() / fast));
        const Frames in = all - Frames(1) - position(at);
        if (in < Frames(0) || in >= all) // from before its beginning, or behind its end
            return held(of, clip, in < Frames(0) ? all : Frames(0), length);
        const Frames there = std::min(length, all - in);
        auto entries = use(of, clip, about, in, there, all);
        if (there < length) // where it has come to its beginning, its first picture stands
            entries += held(of, clip, Frames(0), length - there);
        return entries;
    }

    /// A producer of a clip, and the entry that takes so much of it. As long as it is asked for, unless it
    /// says
    /// (`all`) how long it is: behind its end its last picture stands.
    std::string use(const Stretch& of, const Clip& clip, const std::string& source, Frames in, Frames length,
                    Frames all = Frames(0)) {
        const auto id = next_id("shot");
        parts_ += fmt::format(
            "<producer id=\"{}\" in=\"0\" out=\"{}\">{}{}{}{}{}{}{}</producer>\n", id,
            std::max(in + length, all).value - 1, property("pulsepin:name", clip.name), source,
            property("pulsepin:in", fmt::format("{:.6f}", clip_time(*of.shot, of.start, rate_).value)),
            property("length", std::max(in + length, all).value), property("eof", "pause"),
            property("audio_index", -1), framing(clip, of.shot->framing, in, in + length));
        return entry(id, in, length);
    }

    std::string slate(const ShotSpan& shot, Frames length) {
        const auto id = next_id("slate");
        const std::string name = shot.slate > 0 ? fmt::format("slate {}", shot.slate) : "not in the bin";
        parts_ +=
            fmt::format("<producer id=\"{}\" in=\"0\" out=\"{}\">{}{}{}{}</producer>\n", id, length.value - 1,
                        property("mlt_service", "color"), property("resource", "#ff404040"),
                        property("length", length.value), property("pulsepin:name", name));
        return entry(id, Frames(0), length);
    }

    /// MLT fits clips into the picture by itself; what lies otherwise is put into a rectangle.
    [[nodiscard]] std::string framing(const Clip& clip, const ShotFraming& framing, Frames in,
                                      Frames until) const {
        if (framing == ShotFraming{} || clip.width < 1 || clip.height < 1)
            return {};
        const double wide = project_.settings->picture_width, high = project_.settings->picture_height;
        const double across = wide / clip.width, down = high / clip.height;
        const double scale =
            (framing.base == ShotFraming::Base::Fit ? std::min(across, down) : std::max(across, down)) *
            framing.scale / 100;
        const double w = clip.width * scale, h = clip.height * scale;
        return fmt::format("<filter in=\"{}\" out=\"{}\">{}{}{}{}</filter>", in.value, until.value - 1,
                           property("mlt_service", "affine"), property("background", "color:#ff000000"),
                           property("transition.distort", 1),
                           property("transition.rect",
                                    fmt::format("{:.3f} {:.3f} {:.3f} {:.3f} 1", wide / 2 + framing.x - w / 2,
                                                high / 2 + framing.y - h / 2, w, h)));
    }

    // -- sounds

    std::string sound(const HeardItem& item, Frames length) {
        const Frames in = std::max(frame(item.from), Frames(0));
        const auto id = next_id("sound");
        parts_ += fmt::format("<producer id=\"{}\" in=\"0\" out=\"{}\">{}{}{}{}{}{}</producer>\n", id,
                              (in + length).value - 1, property("pulsepin:name", item.name),
                              property("mlt_service", "avformat"), property("resource", absolute(item.file)),
                              property("length", (in + length).value), property("video_index", -1),
                              gain(item, in, length));
        return entry(id, in, length);
    }

    /// Keys where it bends, and at each frame of a fade, which is no straight line in decibels.
    [[nodiscard]] std::string gain(const HeardItem& item, Frames in, Frames length) const {
        std::string keys;
        double before = 0;
        bool level = true;
        const auto last = length.value - 1;
        for (std::int64_t i = 0; i <= last; ++i) {
            const double db = decibels_at(item, rate_.start_of(Frames(i)));
            const bool bends = i == 0 || i == last || std::abs(db - before) > 1e-9;
            level = level && std::abs(db) < 1e-9;
            if (bends)
                keys += fmt::format("{}{}={:.3f}", keys.empty() ? "" : ";", i, db);
            else if (i < last &&
                     std::abs(decibels_at(item, rate_.start_of(Frames(i + 1))) - db) > 1e-9) // it bends next
                keys += fmt::format(";{}={:.3f}", i, db);
            before = db;
        }
        if (level)
            return {};
        return fmt::format("<filter in=\"{}\" out=\"{}\">{}{}</filter>", in.value, (in + length).value - 1,
                           property("mlt_service", "volume"), property("level", keys));
    }

    static std::string absolute(const std::filesystem::path& path) {
        return std::filesystem::absolute(path).lexically_normal().string();
    }

    const Project& project_;
    FrameRate rate_;
    Frames length_;
    std::vector<Track> tracks_;
    std::string markers_;
    std::string parts_; ///< producers, playlists and tractors, each before what uses it
    int made_ = 0;
};

} // namespace

Result<std::string> write_mlt_xml(const ExportMaterial& material) {
    MltXml xml(material);
    xml.add_cuts(material);
    xml.add_sounds(material);
    xml.add_markers(material.curves.schedule);
    if (xml.empty())
        return fail("There is nothing to write: no cuts, and nothing that is heard.", {},
                    "Place cuts first.");
    return xml.whole();
}

std::vector<std::string> mlt_losses(const ExportMaterial& material) {
    const Project& project = material.project;
    const auto rate = project.settings->frame_rate;
    std::vector<std::string> losses;
    const auto say = [&](std::size_t many, const char* one, const char* several) {
        if (many > 0)
            losses.push_back(many == 1 ? one : fmt::format(fmt::runtime(several), many));
    };
    std::size_t changes = 0, turned = 0, effects = 0, curves = 0, markers = 0, moved = 0;
    for (const auto& lane : project.lanes) {
        if (lane->muted)
            continue;
        const auto& spans = material.curves.schedule.spans(lane->id);
        for (const auto& shot : spans.shots) {
            changes += shot.fade > Frames(0) && shot.change != CutBody::Change::Fade;
            const Clip* clip = project.clip(shot.shot);
            turned += clip && clip->turned != 0;
        }
        effects += spans.triggers.size();
        curves += lane->kind->drives();
        markers += holds<MarkerBody>(lane->kind) ? lane->pins.size() : 0;
    }
    for (const auto& track : heard_tracks(material))
        for (const auto& item : track.items)
            moved += std::abs(round_to_frame(item.start, rate, FrameRounding::Nearest).error.value) > 0.001;
    say(changes, "one wipe or rush, written as a dissolve", "{} wipes or rushes, written as dissolves");
    say(turned, "that one shot was turned by hand", "that {} shots were turned by hand");
    say(moved, "where one sound begins within a frame", "where {} sounds begin within a frame");
    say(markers, "one marker for others (kept as properties of ours)",
        "{} markers for others (kept as properties of ours)");
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
