// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/edl.h"

#include "schedule/shots.h"
#include "time/timecode.h"

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
        for (const auto& [name, told] :
             {std::pair("AUTHOR", project.settings->author), std::pair("REMARKS", project.settings->remarks)})
            if (!told.empty())
                text_ += fmt::format("* {}: {}\n", name, one_line(told));
    }

    /// Nothing is seen up to there.
    void gap_until(Frames start) {
        if (start <= reached_)
            return;
        ++event_;
        line("BL", "C", Frames(0), reached_, start);
    }

    /// From `start`, which lies in front of the shot's own where it is faded in, to `end`.
    void add(const ShotSpan& shot, const ShotSpan* before, Frames start, Frames end) {
        const Clip* clip = project_.clip(shot.shot);
        const auto in_point = round_to_frame(shot.in_point, rate_, FrameRounding::Nearest).frame;
        const Frames source = std::max(in_point - (shot.start - start), Frames(0));
        ++event_;
        if (shot.fade > Frames(0) && before)
            dissolve(shot, *before, source, start, end);
        else
            line(reel_of(clip), "C", source, start, end);
        if (clip && shot.fade == Frames(0))
            text_ += fmt::format("* FROM CLIP NAME: {}\n", one_line(clip->name));
        text_ += clip ? fmt::format("* SOURCE FILE: {}\n", one_line(clip->path.filename().string()))
                 : shot.slate > 0 ? fmt::format("* SLATE {}: THE SHOT IS STILL TO COME\n", shot.slate)
                                  : std::string("* THE SHOT OF THIS CUT IS NOT IN THE BIN\n");
        if (shot.too_short)
            text_ += "* THE CLIP ENDS BEFORE THE EVENT DOES\n";
        if (in_point < shot.start - start)
            text_ += "* THE CLIP BEGINS WITHIN THE CROSS-FADE\n";
        reached_ = end;
    }

    [[nodiscard]] const std::string& text() const { return text_; }

private:
    [[nodiscard]] std::string reel_of(const Clip* clip) const {
        return clip ? reels_.at(clip->id.value) : "AX";
    }
    [[nodiscard]] std::string timecode(Frames frame) const { return format_timecode(frame, rate_, count_); }

    void line(const std::string& reel, const std::string& transition, Frames source, Frames start,
              Frames end) {
        text_ +=
            fmt::format("{:03}  {:<8} V     {:<8} {} {} {} {}\n", event_, reel, transition, timecode(source),
                        timecode(source + (end - start)), timecode(start), timecode(end));
    }

    /// Two lines: where the shot before stands, without length, and the one that comes in over it.
    void dissolve(const ShotSpan& shot, const ShotSpan& before, Frames source, Frames start, Frames end) {
        const Clip* left = project_.clip(before.shot);
        const Clip* clip = project_.clip(shot.shot);
        const auto left_at =
            round_to_frame(clip_time(before, start, rate_), rate_, FrameRounding::Nearest).frame;
        line(reel_of(left), "C", std::max(left_at, Frames(0)), start, start);
        line(reel_of(clip), fmt::format("D    {:03}", shot.fade.value), source, start, end);
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
    EventList events(material.project);
    for (std::size_t i = 0; i < shots.size(); ++i) {
        // A cross-fade belongs to the event that it brings in: that begins with it, where the one before
        // ends.
        const Frames start = fade_start(shots[i]),
                     end = i + 1 < shots.size() ? fade_start(shots[i + 1]) : shots[i].end;
        events.gap_until(start);
        events.add(shots[i], i > 0 ? &shots[i - 1] : nullptr, start, end);
    }
    return events.text();
}

} // namespace pulsepin
