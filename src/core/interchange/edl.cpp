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

Result<std::string> write_edl(const Project& project) {
    const Lane* lane = project.first_lane(LaneKind::Cut);
    const auto shots = lane ? shots_of(project, *lane) : std::vector<ShotSpan>{};
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
    const auto add = [&](const std::string& reel, Frames source, Frames start, Frames end) {
        text += fmt::format("{:03}  {:<8} V     C        {} {} {} {}\n", ++event, reel, timecode(source),
                            timecode(source + (end - start)), timecode(start), timecode(end));
    };
    Frames reached(0);
    for (const auto& shot : shots) {
        if (shot.start > reached)
            add("BL", Frames(0), reached, shot.start);
        const Clip* clip = project.clip(shot.shot);
        const auto source = round_to_frame(shot.in_point, rate, FrameRounding::Nearest).frame;
        add(clip ? reels.at(clip->id.value) : "AX", source, shot.start, shot.end);
        if (clip) {
            text += fmt::format("* FROM CLIP NAME: {}\n", one_line(clip->name));
            text += fmt::format("* SOURCE FILE: {}\n", one_line(clip->path.filename().string()));
        } else {
            text += "* THE SHOT OF THIS CUT IS NOT IN THE BIN\n";
        }
        if (shot.too_short)
            text += "* THE CLIP ENDS BEFORE THE EVENT DOES\n";
        reached = shot.end;
    }
    return text;
}

} // namespace pulsepin
