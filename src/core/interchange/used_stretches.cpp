// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/used_stretches.h"

#include "media/video_reader.h"
#include "time/timecode.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

/// What layers show, and what drawings are pictures of.
std::set<ClipId> shown_otherwise(const Project& project) {
    std::set<ClipId> shown;
    for (const auto& lane : project.lanes)
        if (const auto* exposing = part_of<Exposing>(*lane))
            for (const auto& named : exposing->pictures)
                shown.insert(named.picture);
    for (const auto& layer : project.stage->layers)
        shown.insert(layer.picture);
    return shown;
}

void widen(std::map<ClipId, TimeSpan>& used, ClipId clip, Seconds a, Seconds b) {
    const TimeSpan span{std::min(a, b), std::max(a, b)};
    const auto [there, first] = used.emplace(clip, span);
    if (!first)
        there->second = {std::min(there->second.from, span.from), std::max(there->second.until, span.until)};
}

/// The timecode of a picture that lies so much later; empty where the clip has none that can be counted on.
std::string later_timecode(const Clip& clip, Seconds start) {
    if (clip.timecode.empty())
        return {};
    const auto reader = VideoReader::open({clip.path, clip.turned});
    const double per_second = reader ? reader->info().frames_per_second : 0;
    const bool of_1001 = std::abs(per_second - std::round(per_second)) > 0.005;
    const auto rate = FrameRate::make(
        static_cast<std::int64_t>(std::round(per_second)) * (of_1001 ? 1000 : 1), of_1001 ? 1001 : 1);
    const auto first = rate ? parse_timecode(clip.timecode, *rate) : Result<Frames>(fail("none"));
    if (!first)
        return {};
    const bool drop = clip.timecode.find(';') != std::string::npos;
    return format_timecode(*first + Frames(std::llround(start.value * per_second)), *rate,
                           drop ? TimecodeCount::Drop : TimecodeCount::NonDrop);
}

} // namespace

std::set<ClipId> used_clips(const Project& project) {
    std::set<ClipId> used = shown_otherwise(project);
    for (const auto& lane : project.lanes)
        for (const auto& pin : lane->pins) {
            if (const auto* cut = body_if<CutBody>(&pin.body))
                used.insert(cut->shot);
            else if (const auto* sound = body_if<SoundBody>(&pin.body))
                used.insert(sound->sound);
        }
    return used;
}

std::map<ClipId, TimeSpan> used_stretches(const Schedule& schedule, Frames handles) {
    const Project& project = schedule.project();
    const auto rate = project.settings->frame_rate;
    std::map<ClipId, TimeSpan> used;
    for (const auto& lane : project.lanes) {
        const auto& shots = schedule.spans(lane->id).shots;
        for (std::size_t i = 0; i < shots.size(); ++i) {
            const auto& shot = shots[i];
            // While it is faded out of it is seen, too.
            const Frames end = shot.end + (i + 1 < shots.size() ? shots[i + 1].fade : Frames(0));
            widen(used, shot.shot, clip_time(shot, fade_start(shot) - handles, rate),
                  clip_time(shot, end + handles, rate));
        }
        const Seconds more = rate.start_of(handles);
        for (const auto& pin : lane->pins)
            if (const auto* sound = body_if<SoundBody>(&pin.body))
                widen(used, sound->sound, sound->in_point - more, sound->in_point + sound->length + more);
    }
    for (const ClipId clip : shown_otherwise(project))
        used.erase(clip);
    // Pins without effect know of their clips, too: what they show is not in any span.
    for (const auto& lane : project.lanes)
        for (const auto& pin : lane->pins)
            if (const auto* cut = body_if<CutBody>(&pin.body); cut && used.contains(cut->shot)) {
                auto& span = used[cut->shot];
                if (!cut->same_moment)
                    span = {std::min(span.from, cut->in_point), std::max(span.until, cut->in_point)};
            }
    for (auto& [clip, span] : used)
        span.from = std::max(span.from, Seconds(0));
    return used;
}

Project with_clip_begun_later(const Project& project, ClipId clip, Seconds start,
                              const std::filesystem::path& file, Seconds duration) {
    Project next = project;
    auto bin = *project.bin;
    for (auto& one : bin)
        if (one.id == clip) {
            one.timecode = later_timecode(one, start);
            one.path = file;
            one.duration = duration;
            if (one.begins_at)
                *one.begins_at += start;
        }
    next.bin = std::make_shared<const std::vector<Clip>>(std::move(bin));
    for (auto& lane : next.lanes) {
        const bool shows = std::ranges::any_of(lane->pins, [&](const Pin& pin) {
            const auto* cut = body_if<CutBody>(&pin.body);
            const auto* sound = body_if<SoundBody>(&pin.body);
            return (cut && cut->shot == clip) || (sound && sound->sound == clip);
        });
        if (!shows)
            continue;
        Lane changed = *lane;
        for (auto& pin : changed.pins) {
            if (auto* cut = body_if<CutBody>(&pin.body); cut && cut->shot == clip)
                cut->in_point = std::max(Seconds(0), cut->in_point - start);
            if (auto* sound = body_if<SoundBody>(&pin.body); sound && sound->sound == clip)
                sound->in_point = std::max(Seconds(0), sound->in_point - start);
        }
        lane = std::make_shared<const Lane>(std::move(changed));
    }
    return next;
}

} // namespace pulsepin
