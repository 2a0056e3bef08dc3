// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/edl.h"

#include "schedule/piece_length.h"
#include "schedule/shots.h"
#include "schedule/sound_parts.h"
#include "time/timecode.h"

#include <algorithm>
#include <cctype>
#include <cmath>
#include <fmt/core.h>
#include <map>
#include <set>

namespace pulsepin {
namespace {

/// Eight capital letters or digits made from the clip's name, different for each clip.
std::map<std::uint64_t, std::string> reel_names(const Project& project) {
    std::map<std::uint64_t, std::string> names;
    std::set<std::string> taken{"BL", "AX"};
    for (const auto& clip : *project.bin) {
        std::string base;
        for (const char c : clip.name)
            if (std::isalnum(static_cast<unsigned char>(c)) && base.size() < 8)
                base += static_cast<char>(std::toupper(static_cast<unsigned char>(c)));
        if (base.empty())
            base = "REEL";
        std::string name = base;
        for (int number = 2; !taken.insert(name).second; ++number) {
            const auto ending = std::to_string(number);
            name = base.substr(0, 8 - std::min<std::size_t>(ending.size(), 7)) + ending;
        }
        names[clip.id.value] = name;
    }
    return names;
}

/// Comments are lines; names with line breaks must not make new ones.
std::string one_line(std::string text) {
    for (char& c : text)
        if (std::iscntrl(static_cast<unsigned char>(c)))
            c = ' ';
    return text;
}

/// Writes the events one after the other.
class EventList {
public:
    explicit EventList(const Project& project)
        : project_(project), rate_(project.settings->frame_rate),
          count_(drop_frame_exists(rate_) ? TimecodeCount::Drop : TimecodeCount::NonDrop),
          reels_(reel_names(project)) {
        const std::string title = one_line(project.settings->title);
        text_ = fmt::format("TITLE: {}\nFCM: {}\n", title.empty() ? "Untitled" : title,
                            count_ == TimecodeCount::Drop ? "DROP FRAME" : "NON-DROP FRAME");
    }

    /// Notes belong to the event before them: what is said of the whole list stands behind its last.
    void finish(const std::vector<std::string>& losses) {
        for (const auto& [name, told] : {std::pair("AUTHOR", project_.settings->author),
                                         std::pair("REMARKS", project_.settings->remarks)})
            if (!told.empty())
                text_ += fmt::format("* {}: {}\n", name, one_line(told));
        for (const auto& loss : losses)
            text_ += fmt::format("* NOT IN THIS LIST: {}\n", one_line(loss));
    }

    /// Nothing is seen up to there.
    void gap_until(Frames start) {
        if (start <= reached_)
            return;
        ++event_;
        line("BL", "C", {Frames(0), start - reached_}, reached_, start);
    }

    /// From `start`, which lies in front of the shot's own where it is faded in, to `end`.
    void add(const ShotSpan& shot, const ShotSpan* before, Frames start, Frames end) {
        const Clip* clip = project_.clip(shot.shot);
        const auto in_point = round_to_frame(shot.in_point, rate_, FrameRounding::Nearest).frame;
        const Source source = source_of(shot, in_point, start, end);
        ++event_;
        if (shot.fade > Frames(0) && before)
            dissolve(shot, *before, source, start, end);
        else
            line(reel_of(clip), "C", source, start, end);
        motion(reel_of(clip), shot, source);
        if (shot.framing != ShotFraming{})
            text_ += fmt::format("* FRAMING: {} {:g} % AT {:g} {:g}\n",
                                 shot.framing.base == ShotFraming::Base::Fit ? "FIT" : "FILL",
                                 shot.framing.scale, shot.framing.x, shot.framing.y);
        if (clip && shot.fade == Frames(0))
            text_ += fmt::format("* FROM CLIP NAME: {}\n", one_line(clip->name));
        text_ += clip ? fmt::format("* SOURCE FILE: {}\n", one_line(clip->path.filename().string()))
                 : shot.slate > 0 ? fmt::format("* SLATE {}: THE SHOT IS STILL TO COME\n", shot.slate)
                                  : std::string("* THE SHOT OF THIS CUT IS NOT IN THE BIN\n");
        if (shot.too_short)
            text_ += "* THE CLIP ENDS BEFORE THE EVENT DOES\n";
        if (shot.speed == 1 && in_point < shot.start - start)
            text_ += "* THE CLIP BEGINS WITHIN THE CROSS-FADE\n";
        reached_ = end;
    }

    /// Markers lie in the event before them, in the form that editing programs write (common practice).
    void markers(const Schedule& schedule, Frames start, Frames end) {
        static constexpr const char* colours[] = {"MAGENTA", "RED", "YELLOW", "GREEN", "BLUE", "BLACK"};
        for (std::size_t i = 0; i < schedule.size(); ++i) {
            const Lane& lane = *project_.lanes[i];
            if (!lane.kind->marks || lane.muted)
                continue;
            for (const auto& pin : schedule[i].pins) {
                const auto& marker = body_of<MarkerBody>(lane.pins[pin.index].body);
                if (!lane.pins[pin.index].muted && pin.frame >= start && pin.frame < end)
                    text_ +=
                        fmt::format("* LOC: {} {:<7} {}\n", timecode(pin.frame),
                                    colours[static_cast<std::size_t>(marker.colour) % std::size(colours)],
                                    one_line(marker.name));
            }
        }
    }

    /// What is heard: the song on the first track, each sound on the first one below that is free.
    void sounds(const Schedule& schedule) {
        if (project_.song && song_is_heard(project_)) {
            const Song& song = *project_.song;
            const SoundBody& body = project_.song_track->body;
            const Seconds from(static_cast<double>(song.from.value) / static_cast<double>(song.sample_rate));
            const Seconds begins = std::max({Seconds(0), body.in_point, Seconds(0) - from});
            const Seconds ends = body.length > Seconds(0) ? body.in_point + body.length : song.duration();
            sound(1, song.title.empty() ? song.path.stem().string() : song.title, song.path, from + begins,
                  begins, std::min(ends, rate_.start_of(piece_length(project_))));
        }
        std::vector<Seconds> reached; // of each track below
        for (const auto& part : heard_parts(schedule)) {
            const Clip* clip = project_.clip(part.body.sound);
            const Seconds start = std::max(part.start, Seconds(0)), end = part.start + part.body.length;
            if (!clip || end <= start)
                continue;
            auto free = std::ranges::find_if(reached, [&](Seconds at) { return at <= start; });
            if (free == reached.end())
                free = reached.insert(reached.end(), Seconds(0));
            *free = end;
            sound(static_cast<int>(free - reached.begin()) + 2, clip->name, clip->path,
                  part.body.in_point + (start - part.start), start, end);
        }
    }

    [[nodiscard]] const std::string& text() const { return text_; }

private:
    void sound(int track, const std::string& name, const std::filesystem::path& path, Seconds in,
               Seconds start, Seconds end) {
        const auto frame = [&](Seconds time) {
            return round_to_frame(time, rate_, FrameRounding::Nearest).frame;
        };
        const Frames from = frame(start), until = frame(end), source = std::max(frame(in), Frames(0));
        if (until <= from)
            return;
        const std::string channel = track == 1 ? "A" : "A" + std::to_string(track);
        text_ +=
            fmt::format("{:03}  {:<8} {:<5} {:<8} {} {} {} {}\n", ++event_, "AX", channel, "C",
                        timecode(source), timecode(source + (until - from)), timecode(from), timecode(until));
        text_ += fmt::format("* FROM CLIP NAME: {}\n* SOURCE FILE: {}\n", one_line(name),
                             one_line(path.filename().string()));
    }

    [[nodiscard]] std::string reel_of(const Clip* clip) const {
        return clip ? reels_.at(clip->id.value) : "AX";
    }
    [[nodiscard]] std::string timecode(Frames frame) const { return format_timecode(frame, rate_, count_); }

    /// What is used of a clip, from its lowest frame up to the one behind its highest; and where it is
    /// entered.
    struct Source {
        Frames in, length, entered = {};
    };

    /// At another speed an event takes as much of its clip as it shows: half of its length at half the speed.
    [[nodiscard]] Source source_of(const ShotSpan& shot, Frames in_point, Frames start, Frames end) const {
        const auto shown = static_cast<double>((end - start).value);
        const auto before = static_cast<double>((shot.start - start).value) * shot.speed;
        const Frames entered =
            std::max(Frames(std::llround(static_cast<double>(in_point.value) - before)), Frames(0));
        const Frames used(std::max<std::int64_t>(1, std::llround(shown * std::abs(shot.speed))));
        if (shot.speed < 0)
            return {std::max(entered + Frames(1) - used, Frames(0)), used, entered};
        return {entered, used, entered};
    }

    /// The line that says at how many frames a second the clip runs, below 0 backwards, 0 where it stands
    /// still; with the frame at which it is entered.
    void motion(const std::string& reel, const ShotSpan& shot, const Source& source) {
        if (shot.speed == 1)
            return;
        const double rate = shot.speed * rate_.per_second();
        text_ += fmt::format("M2   {:<8}       {}{:05.1f}                {}\n", reel, rate < 0 ? "-" : "",
                             std::abs(rate), timecode(source.entered));
        text_ += fmt::format("* SPEED: {:g} %\n", shot.speed * 100);
    }

    void line(const std::string& reel, const std::string& transition, const Source& source, Frames start,
              Frames end) {
        text_ += fmt::format("{:03}  {:<8} V     {:<8} {} {} {} {}\n", event_, reel, transition,
                             timecode(source.in), timecode(source.in + source.length), timecode(start),
                             timecode(end));
    }

    /// Two lines: where the shot before stands, without length, and the one that comes in over it.
    void dissolve(const ShotSpan& shot, const ShotSpan& before, const Source& source, Frames start,
                  Frames end) {
        const Clip* left = project_.clip(before.shot);
        const Clip* clip = project_.clip(shot.shot);
        const auto left_at =
            round_to_frame(clip_time(before, start, rate_), rate_, FrameRounding::Nearest).frame;
        line(reel_of(left), "C", {std::max(left_at, Frames(0)), Frames(0)}, start, start);
        // Wipe 1 of the common numbering goes along the picture's width (SMPTE ST 258, from memory).
        const char* change = shot.change == CutBody::Change::Wipe ? "W001" : "D   ";
        line(reel_of(clip), fmt::format("{} {:03}", change, shot.fade.value), source, start, end);
        if (shot.change == CutBody::Change::Rush)
            text_ += "* A RUSH PAST THE PICTURE, WRITTEN AS A DISSOLVE\n";
        if (left)
            text_ += fmt::format("* FROM CLIP NAME: {}\n", one_line(left->name));
        if (clip)
            text_ += fmt::format("* TO CLIP NAME: {}\n", one_line(clip->name));
    }

    const Project& project_;
    FrameRate rate_;
    TimecodeCount count_;
    decltype(reel_names(std::declval<const Project&>())) reels_;
    std::string text_;
    int event_ = 0;
    Frames reached_{0};
};

} // namespace

Result<std::string> write_edl(const ExportMaterial& material) {
    const auto& shots = material.written_shots();
    if (shots.empty())
        return fail("There are no cuts to write.", {}, "Place cuts first.");
    if (shots.size() > 4999)
        return fail("An edit decision list holds at most 9999 events.", {}, "Export fewer cuts.");
    const auto wanted = [&](std::string_view id) {
        return !material.values.find(id) || material.values.flag(id);
    };
    EventList events(material.project);
    for (std::size_t i = 0; i < shots.size(); ++i) {
        // A cross-fade belongs to the event that it brings in: that begins with it, where the one before
        // ends.
        const Frames start = fade_start(shots[i]),
                     end = i + 1 < shots.size() ? fade_start(shots[i + 1]) : shots[i].end;
        const Frames before = i > 0 ? start : Frames(0);
        events.gap_until(start);
        events.add(shots[i], i > 0 ? &shots[i - 1] : nullptr, start, end);
        if (wanted("markers"))
            events.markers(material.curves.schedule, before, end);
    }
    if (wanted("sounds"))
        events.sounds(material.curves.schedule);
    events.finish(edl_losses(material));
    return events.text();
}

std::vector<std::string> edl_losses(const ExportMaterial& material) {
    const auto& shots = material.written_shots();
    const auto count = [&](auto is) { return std::count_if(shots.begin(), shots.end(), is); };
    std::vector<std::string> losses;
    const auto say = [&](std::ptrdiff_t many, const char* one, const char* several) {
        if (many > 0)
            losses.push_back(many == 1 ? one : fmt::format(fmt::runtime(several), many));
    };
    say(count([](const ShotSpan& shot) { return shot.framing != ShotFraming{}; }),
        "how one shot lies in the picture (a note says it)",
        "how {} shots lie in the picture (notes say it)");
    say(count([](const ShotSpan& shot) {
            return shot.fade > Frames(0) && shot.change == CutBody::Change::Rush;
        }),
        "one rush from shot to shot, written as a dissolve",
        "{} rushes from shot to shot, written as dissolves");
    const auto& layers = material.project.stage->layers;
    const auto drawn = std::count_if(layers.begin(), layers.end(), [](const Layer& layer) {
        return layer.kind != layers::shots && layer.kind != layers::camera && !layer.hidden;
    });
    say(drawn, "one layer besides the shots", "{} layers besides the shots");
    return losses;
}

} // namespace pulsepin
