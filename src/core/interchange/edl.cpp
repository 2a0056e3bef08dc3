// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/edl.h"

#include "interchange/heard_tracks.h"
#include "model/shot_edits.h"
#include "schedule/piece_length.h"
#include "schedule/shots.h"
#include "time/timecode.h"

#include <algorithm>
#include <cctype>
#include <cmath>
#include <fmt/core.h>
#include <map>
#include <set>
#include <utility>
#include <vector>

namespace pulsepin {
namespace {

/// Eight capital letters or digits made from what the clip's file says that it is from, or from its name.
/// Those that were made from names are different for each clip.
std::map<std::uint64_t, std::string> reel_names(const Project& project) {
    std::map<std::uint64_t, std::string> names;
    std::set<std::string> taken{"BL", "AX"};
    for (const auto& clip : *project.bin) {
        std::string base;
        for (const char c : clip.reel.empty() ? clip.name : clip.reel)
            if (std::isalnum(static_cast<unsigned char>(c)) && base.size() < 8)
                base += static_cast<char>(std::toupper(static_cast<unsigned char>(c)));
        if (base.empty())
            base = "REEL";
        std::string name = base;
        for (int number = 2; !taken.insert(name).second && clip.reel.empty(); ++number) {
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

/// The one that is seen at a moment of a clip of the piece's rate.
Frames picture_at(Seconds time, FrameRate rate) {
    return rate.frame_at(time + Seconds(1e-6));
}

constexpr std::size_t most_events = 999; ///< of a list: their numbers have three digits

/// Writes the events one after the other.
class EventList {
public:
    EventList(const Project& project, TimecodeCount count, Frames record_start, Frames handles)
        : project_(project), rate_(project.settings->frame_rate), count_(count), record_start_(record_start),
          handles_(handles), reels_(reel_names(project)), length_(piece_length(project)) {}

    /// Notes belong to the event before them: what is said of the whole list stands behind its last.
    void finish(const std::vector<std::string>& losses) {
        for (const auto& [name, told] : {std::pair("AUTHOR", project_.settings->author),
                                         std::pair("REMARKS", project_.settings->remarks)})
            if (!told.empty())
                note(fmt::format("{}: {}", name, one_line(told)));
        for (const auto& loss : losses)
            note("NOT IN THIS LIST: " + one_line(loss));
    }

    /// Nothing is seen up to there.
    void gap_until(Frames start) {
        if (start <= reached_)
            return;
        events_.emplace_back();
        line("BL", "C", {Frames(0), start - reached_}, reached_, start);
    }

    /// From `start`, which lies in front of the shot's own where it is faded in, to `end`.
    void add(const ShotSpan& shot, const ShotSpan* before, Frames start, Frames end) {
        const Clip* clip = project_.clip(shot.shot);
        const auto in_point = picture_at(shot.in_point, rate_);
        Source source = source_of(shot, in_point, start, end);
        source.first = clip ? first_timecode(*clip, rate_) : Frames(0);
        events_.emplace_back();
        if (shot.fade > Frames(0) && before)
            dissolve(shot, *before, source, start, end);
        else
            line(reel_of(clip), "C", source, start, end);
        motion(reel_of(clip), shot, source);
        if (shot.framing != ShotFraming{})
            note(fmt::format("FRAMING: {} {:g} % AT {:g} {:g}",
                             shot.framing.base == ShotFraming::Base::Fit ? "FIT" : "FILL", shot.framing.scale,
                             shot.framing.x, shot.framing.y));
        if (clip && shot.fade == Frames(0))
            note("FROM CLIP NAME: " + one_line(clip->name));
        note(clip             ? "SOURCE FILE: " + one_line(clip->path.filename().string())
             : shot.slate > 0 ? fmt::format("SLATE {}: THE SHOT IS STILL TO COME", shot.slate)
                              : std::string("THE SHOT OF THIS CUT IS NOT IN THE BIN"));
        if (shot.too_short)
            note("THE CLIP ENDS BEFORE THE EVENT DOES");
        if (shot.speed == 1 && in_point < shot.start - start)
            note("THE CLIP BEGINS WITHIN THE CROSS-FADE");
        if (clip && lacks(*clip, source.in, source.length, handles_, rate_))
            note(fmt::format("THE CLIP HAS NO {} FRAMES BEFORE OR BEHIND THE EVENT", handles_.value));
        reached_ = end;
    }

    /// Markers lie in the event before them, in the form that editing programs write (common practice).
    void markers(const Schedule& schedule, Frames start, Frames end) {
        static constexpr const char* colours[] = {"MAGENTA", "RED", "YELLOW", "GREEN", "BLUE", "BLACK"};
        for (std::size_t i = 0; i < schedule.size(); ++i) {
            const Lane& lane = *project_.lanes[i];
            if (!holds<MarkerBody>(lane.kind) || lane.muted)
                continue;
            for (const auto& pin : schedule[i].pins) {
                const auto& marker = body_of<MarkerBody>(lane.pins[pin.index].body);
                if (!lane.pins[pin.index].muted && pin.frame >= start && pin.frame < end)
                    note(fmt::format("LOC: {} {:<7} {}", recorded(pin.frame),
                                     colours[static_cast<std::size_t>(marker.colour) % std::size(colours)],
                                     one_line(marker.name)));
            }
        }
    }

    /// What is heard: the song on the first track, each sound on the first one below that is free.
    void sounds(const ExportMaterial& material) {
        int track = 1;
        for (const auto& heard : heard_tracks(material)) {
            track = heard.is_song ? 1 : std::max(track + 1, 2);
            for (const auto& item : heard.items)
                if (!item.file.empty())
                    sound(track, item);
        }
    }

    [[nodiscard]] std::size_t size() const { return events_.size(); }
    /// Those of one file, counted from 1: a list holds 999.
    [[nodiscard]] std::string text(std::size_t file) const {
        const std::string title = one_line(project_.settings->title);
        std::string text = fmt::format("TITLE: {}{}\nFCM: {}\n", title.empty() ? "Untitled" : title,
                                       file > 1 ? fmt::format(" {}", file) : std::string(),
                                       count_ == TimecodeCount::Drop ? "DROP FRAME" : "NON-DROP FRAME");
        for (std::size_t i = (file - 1) * most_events; i < std::min(file * most_events, events_.size()); ++i)
            for (const auto& [is_event, line] : events_[i])
                text += is_event ? fmt::format("{:03}  {}\n", i % most_events + 1, line) : line + "\n";
        return text;
    }
    /// What of a clip is used with so many frames more on either side is not all there.
    static bool lacks(const Clip& clip, Frames in, Frames length, Frames handles, FrameRate rate) {
        return !clip.still && handles > Frames(0) &&
               (in < handles || rate.start_of(in + length + handles) > clip.duration);
    }

private:
    void sound(int track, const HeardItem& item) {
        const auto frame = [&](Seconds time) {
            return round_to_frame(time, rate_, FrameRounding::Nearest).frame;
        };
        const Frames from = frame(item.start), until = std::min(frame(item.end), length_),
                     source = std::max(frame(item.from), Frames(0));
        if (until <= from)
            return;
        const std::string channel = track == 1 ? "A" : "A" + std::to_string(track);
        events_.emplace_back();
        event(fmt::format("{:<8} {:<5} {:<8} {} {} {} {}", "AX", channel, "C", timecode(source),
                          timecode(source + (until - from)), recorded(from), recorded(until)));
        note("FROM CLIP NAME: " + one_line(item.name));
        note("SOURCE FILE: " + one_line(item.file.filename().string()));
    }

    [[nodiscard]] std::string reel_of(const Clip* clip) const {
        return clip ? reels_.at(clip->id.value) : "AX";
    }
    [[nodiscard]] std::string timecode(Frames frame) const { return format_timecode(frame, rate_, count_); }
    [[nodiscard]] std::string recorded(Frames frame) const { return timecode(frame + record_start_); }

    void event(std::string line) { events_.back().emplace_back(true, std::move(line)); }
    void other(std::string line) {
        if (events_.empty())
            events_.emplace_back();
        events_.back().emplace_back(false, std::move(line));
    }
    void note(const std::string& what) { other("* " + what); }

    /// What is used of a clip, from its lowest frame up to the one behind its highest; and where it is
    /// entered.
    struct Source {
        Frames in, length, entered = {};
        Frames first = Frames(0); ///< the timecode of the clip's first frame
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
        other(fmt::format("M2   {:<8}       {}{:05.1f}                {}", reel, rate < 0 ? "-" : "",
                          std::abs(rate), timecode(source.first + source.entered)));
        note(fmt::format("SPEED: {:g} %", shot.speed * 100));
    }

    void line(const std::string& reel, const std::string& transition, const Source& source, Frames start,
              Frames end) {
        event(
            fmt::format("{:<8} V     {:<8} {} {} {} {}", reel, transition, timecode(source.first + source.in),
                        timecode(source.first + source.in + source.length), recorded(start), recorded(end)));
    }

    /// Two lines: where the shot before stands, without length, and the one that comes in over it.
    void dissolve(const ShotSpan& shot, const ShotSpan& before, const Source& source, Frames start,
                  Frames end) {
        const Clip* left = project_.clip(before.shot);
        const Clip* clip = project_.clip(shot.shot);
        const auto left_at = picture_at(clip_time(before, start, rate_), rate_);
        line(reel_of(left), "C",
             {std::max(left_at, Frames(0)), Frames(0), {}, left ? first_timecode(*left, rate_) : Frames(0)},
             start, start);
        // Wipe 1 of the common numbering goes along the picture's width (SMPTE ST 258, from memory).
        const char* change = shot.change == CutBody::Change::Wipe ? "W001" : "D   ";
        line(reel_of(clip), fmt::format("{} {:03}", change, shot.fade.value), source, start, end);
        if (shot.change == CutBody::Change::Rush)
            note("A RUSH PAST THE PICTURE, WRITTEN AS A DISSOLVE");
        if (left)
            note("FROM CLIP NAME: " + one_line(left->name));
        if (clip)
            note("TO CLIP NAME: " + one_line(clip->name));
    }

    const Project& project_;
    FrameRate rate_;
    TimecodeCount count_;
    Frames record_start_, handles_;
    decltype(reel_names(std::declval<const Project&>())) reels_;
    Frames length_;
    std::vector<std::vector<std::pair<bool, std::string>>>
        events_; ///< lines, and whether they bear its number
    Frames reached_{0};
};

} // namespace

namespace {

struct Choices {
    TimecodeCount count = TimecodeCount::NonDrop;
    Frames record_start = Frames(0), handles = Frames(0);
    std::size_t file = 1;
    bool sounds = true, markers = true;
};

Result<Choices> choices_of(const ExportMaterial& material) {
    const auto rate = material.project.settings->frame_rate;
    const ParamValues values = completed(material.values, edl_parameters());
    Choices choices;
    const std::string count = values.text("count");
    if (count == "drop" && !drop_frame_exists(rate))
        return fail("Drop-frame timecode does not exist at this frame rate.", {}, "Count without it.");
    choices.count =
        count == "non-drop" || !drop_frame_exists(rate) ? TimecodeCount::NonDrop : TimecodeCount::Drop;
    const auto start = parse_timecode(values.text("start"), rate);
    if (!start || *start < Frames(0))
        return fail("\"" + values.text("start") + "\" is no timecode.", {}, "Write it as in 01:00:00:00.");
    choices.record_start = *start;
    choices.handles = Frames(values.whole("handles"));
    choices.file = static_cast<std::size_t>(std::max<std::int64_t>(1, values.whole("file")));
    choices.sounds = values.flag("sounds");
    choices.markers = values.flag("markers");
    return choices;
}

EventList events_of(const ExportMaterial& material, const Choices& choices) {
    const auto& shots = material.written_shots();
    EventList events(material.project, choices.count, choices.record_start, choices.handles);
    for (std::size_t i = 0; i < shots.size(); ++i) {
        // A cross-fade belongs to the event that it brings in: that begins with it, where the one before
        // ends.
        const Frames start = fade_start(shots[i]),
                     end = i + 1 < shots.size() ? fade_start(shots[i + 1]) : shots[i].end;
        const Frames before = i > 0 ? start : Frames(0);
        events.gap_until(start);
        events.add(shots[i], i > 0 ? &shots[i - 1] : nullptr, start, end);
        if (choices.markers)
            events.markers(material.curves.schedule, before, end);
    }
    if (choices.sounds)
        events.sounds(material);
    return events;
}

} // namespace

ParamSpecs edl_parameters() {
    static constexpr ParamChoice counts[] = {
        {"usual", "drop-frame where it exists"}, {"non-drop", "non-drop-frame"}, {"drop", "drop-frame"}};
    static constexpr ParamSpec specs[] = {
        {.id = "lane",
         .label = "lane of cuts",
         .type = ParamType::Lane,
         .explains = "Which lane of cuts; none: the first"},
        {.id = "start",
         .label = "record start",
         .type = ParamType::Text,
         .explains = "the timecode of the piece's first frame",
         .initial_text = "00:00:00:00"},
        {.id = "count", .label = "timecode", .type = ParamType::Choice, .choices = counts},
        {.id = "sounds",
         .label = "sounds",
         .type = ParamType::Switch,
         .most = 1,
         .initial = 1,
         .explains = "the song and what is heard beside it, as events of sound"},
        {.id = "markers",
         .label = "markers",
         .type = ParamType::Switch,
         .most = 1,
         .initial = 1,
         .explains = "as comments in the events that they lie in"},
        {.id = "handles",
         .label = "handles",
         .type = ParamType::Whole,
         .unit = "frames",
         .most = 1000,
         .explains =
             "that each clip should have before and behind what is used; where one has not, it is told"},
        {.id = "file",
         .label = "file",
         .type = ParamType::Whole,
         .least = 1,
         .most = 100,
         .initial = 1,
         .explains = "a list holds 999 events: which one, where there are more"},
    };
    return specs;
}

Result<std::string> write_edl(const ExportMaterial& material) {
    if (material.written_shots().empty())
        return fail("There are no cuts to write.", {}, "Place cuts first.");
    const auto choices = choices_of(material);
    if (!choices)
        return tl::unexpected(choices.error());
    auto events = events_of(material, *choices);
    if ((choices->file - 1) * most_events >= events.size())
        return fail(fmt::format("There is no list {}: its {} events need {}.", choices->file, events.size(),
                                (events.size() + most_events - 1) / most_events),
                    {}, "Choose one of those.");
    events.finish(edl_losses(material));
    return events.text(choices->file);
}

std::vector<ExportPart> edl_parts(const ExportMaterial& material) {
    std::vector<ExportPart> parts;
    int lanes = 0;
    for (const auto& lane : material.project.lanes) {
        if (!holds<CutBody>(lane->kind) || material.curves.schedule.spans(lane->id).shots.empty())
            continue;
        ++lanes;
        ParamValues values = material.values;
        values.set("lane", lane->id);
        const ExportMaterial of_lane(material.curves, values);
        const auto choices = choices_of(of_lane);
        const std::size_t events = choices ? events_of(of_lane, *choices).size() : 1;
        for (std::size_t file = 1; file <= (events + most_events - 1) / most_events; ++file) {
            values.set("file", static_cast<double>(file));
            parts.push_back({(lanes > 1 ? fmt::format("-lane-{}", lanes) : std::string()) +
                                 (file > 1 ? fmt::format("-part-{}", file) : std::string()),
                             values});
        }
    }
    return parts;
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
    if (const auto choices = choices_of(material)) {
        say(count([&](const ShotSpan& shot) {
                const Clip* clip = material.project.clip(shot.shot);
                const auto rate = material.project.settings->frame_rate;
                const auto in = picture_at(shot.in_point, rate);
                return clip && shot.speed == 1 &&
                       EventList::lacks(*clip, in, shot.length(), choices->handles, rate);
            }),
            "handles of one shot, whose clip is too short", "handles of {} shots, whose clips are too short");
        const std::size_t events = events_of(material, *choices).size();
        if (events > most_events)
            losses.push_back(fmt::format("{} of {} events: a list holds 999 (choose another file of it)",
                                         events - std::min(most_events, events), events));
    }
    return losses;
}

} // namespace pulsepin
