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

} // namespace

Result<std::string> write_edl(const ExportMaterial& material) {
    const Project& project = material.project;
    const auto& shots = material.written_shots();
    if (shots.empty())
        return fail("There are no cuts to write.", {}, "Place cuts first.");
    if (shots.size() > 4999)
        return fail("An edit decision list holds at most 9999 events.", {}, "Export fewer cuts.");

    const auto rate = project.settings->frame_rate;
    const auto count = drop_frame_exists(rate) ? TimecodeCount::Drop : TimecodeCount::NonDrop;
    const auto timecode = [&](Frames frame) { return format_timecode(frame, rate, count); };
    const auto reels = reel_names(project);

    std::string title = one_line(project.settings->title);
    std::string text = fmt::format("TITLE: {}\nFCM: {}\n", title.empty() ? "Untitled" : title,
                                   count == TimecodeCount::Drop ? "DROP FRAME" : "NON-DROP FRAME");
    int event = 0;
    const auto line = [&](const std::string& reel, const std::string& transition, Frames source, Frames start,
                          Frames end) {
        text +=
            fmt::format("{:03}  {:<8} V     {:<8} {} {} {} {}\n", event, reel, transition, timecode(source),
                        timecode(source + (end - start)), timecode(start), timecode(end));
    };
    Frames reached(0);
    for (std::size_t i = 0; i < shots.size(); ++i) {
        const auto& shot = shots[i];
        // A cross-fade belongs to the event that it brings in: that begins with it, where the one before
        // ends.
        const Frames start = fade_start(shot),
                     end = i + 1 < shots.size() ? fade_start(shots[i + 1]) : shot.end;
        if (start > reached) {
            ++event;
            line("BL", "C", Frames(0), reached, start);
        }
        const Clip* clip = project.clip(shot.shot);
        const std::string reel = clip ? reels.at(clip->id.value) : "AX";
        const auto in_point = round_to_frame(shot.in_point, rate, FrameRounding::Nearest).frame;
        const Frames source = std::max(in_point - (shot.start - start), Frames(0));
        ++event;
        if (shot.fade > Frames(0)) {
            const auto& before = shots[i - 1];
            const Clip* left = project.clip(before.shot);
            const auto left_at =
                round_to_frame(clip_time(before, start, rate), rate, FrameRounding::Nearest).frame;
            line(left ? reels.at(left->id.value) : "AX", "C", std::max(left_at, Frames(0)), start, start);
            line(reel, fmt::format("D    {:03}", shot.fade.value), source, start, end);
            if (left)
                text += fmt::format("* FROM CLIP NAME: {}\n", one_line(left->name));
            if (clip)
                text += fmt::format("* TO CLIP NAME: {}\n", one_line(clip->name));
        } else {
            line(reel, "C", source, start, end);
            if (clip)
                text += fmt::format("* FROM CLIP NAME: {}\n", one_line(clip->name));
        }
        if (clip)
            text += fmt::format("* SOURCE FILE: {}\n", one_line(clip->path.filename().string()));
        else
            text += "* THE SHOT OF THIS CUT IS NOT IN THE BIN\n";
        if (shot.too_short)
            text += "* THE CLIP ENDS BEFORE THE EVENT DOES\n";
        if (in_point < shot.start - start)
            text += "* THE CLIP BEGINS WITHIN THE CROSS-FADE\n";
        reached = end;
    }
    return text;
}

} // namespace pulsepin
