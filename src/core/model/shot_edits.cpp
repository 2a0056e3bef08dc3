// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/shot_edits.h"

#include "model/anchored_time.h"
#include "model/change_pins.h"
#include "model/pin_edits.h"
#include "time/timecode.h"

#include <algorithm>

namespace pulsepin {
namespace {

Result<CutBody> cut_at(const Project& project, PinId id) {
    const Pin* pin = project.pin(id);
    const auto* cut = pin ? body_if<CutBody>(&pin->body) : nullptr;
    if (!cut)
        return fail("That is no cut.", {}, "Choose a cut.");
    return *cut;
}

Seconds last_start(const Project& project, ClipId id) {
    const Clip* clip = project.clip(id);
    if (!clip || clip->still)
        return Seconds(0);
    return std::max(Seconds(0), clip->duration - project.settings->frame_rate.frame_length());
}

Result<Project> with_in_point(const Project& project, PinId id, CutBody cut, Seconds in_point) {
    const Seconds by = in_point - cut.in_point;
    cut.in_point = in_point;
    auto next = with_body(project, id, cut);
    if (!next)
        return next;
    const auto rate = project.settings->frame_rate;
    return with_each_pin(
        *std::move(next),
        [id](const Lane&, const Pin& pin) {
            const auto* tied = std::get_if<MarkerAnchor>(&pin.anchor);
            return tied && tied->marker == id;
        },
        [&](Pin& pin) {
            auto& tied = std::get<MarkerAnchor>(pin.anchor);
            tied.offset = time_of(tied.offset, rate) - by;
        });
}

} // namespace

Result<Project> slipped(const Project& project, PinId id, Seconds by) {
    const auto cut = cut_at(project, id);
    if (!cut)
        return tl::unexpected(cut.error());
    if (cut->same_moment)
        return fail("This camera shows the moment of the song.", {},
                    "Give it an in-point of its own to slip it.");
    return with_in_point(project, id, *cut,
                         std::clamp(cut->in_point + by, Seconds(0), last_start(project, cut->shot)));
}

Result<Project> rolled(const Project& project, PinId id, Ticks by) {
    const auto cut = cut_at(project, id);
    if (!cut)
        return tl::unexpected(cut.error());
    const PinId only[] = {id};
    if (locked_among(project, only) > 0)
        return fail("That cut is locked.", {}, "Unlock it, or its lane, first.");
    const Project moved = moved_by(project, only, by);
    const auto before = anchored_time(project.pin(id)->anchor, project),
               after = anchored_time(moved.pin(id)->anchor, moved);
    if (cut->same_moment || !before || !after)
        return moved;
    const Seconds in_point = cut->in_point + (*after - *before);
    if (in_point < Seconds(0))
        return fail("The shot has no pictures before this.", {}, "Roll it less far.");
    return with_in_point(moved, id, *cut, std::min(in_point, last_start(project, cut->shot)));
}

Result<Project> rippled(const Project& project, PinId id, Ticks by) {
    const auto cut = cut_at(project, id);
    if (!cut)
        return tl::unexpected(cut.error());
    const Lane& lane = *project.lane_of(id);
    const PinLookup lookup(project);
    const auto from = anchored_time(project.pin(id)->anchor, project, lookup);
    std::vector<PinId> later;
    for (const auto& pin : lane.pins)
        if (const auto at = anchored_time(pin.anchor, project, lookup); from && at && *at >= *from)
            later.push_back(pin.id);
    if (locked_among(project, later) > 0)
        return fail("One of the later cuts is locked.", {}, "Unlock it first.");
    return moved_by(project, later, by);
}

Result<Project> swapped(const Project& project, PinId a, PinId b) {
    const auto first = cut_at(project, a), second = cut_at(project, b);
    if (!first || !second)
        return fail("Only two shots can be swapped.");
    CutBody one = *second, other = *first;
    std::swap(one.fade, other.fade); // a cross-fade belongs to the place
    auto next = with_body(project, a, one);
    return next ? with_body(*next, b, other) : next;
}

Result<Project> replaced(const Project& project, PinId id, ClipId clip) {
    auto cut = cut_at(project, id);
    if (!cut)
        return tl::unexpected(cut.error());
    const Clip* shown = project.clip(clip);
    if (!shown || !shown->has_picture)
        return fail("That shot is no longer in the bin.");
    cut->shot = clip;
    cut->in_point = Seconds(0);
    cut->same_moment = cut->same_moment && shown->begins_at.has_value();
    return with_body(project, id, *cut);
}

namespace {

/// The project with that clip as `change` leaves it.
template <class Change>
Result<Project> with_changed_clip(const Project& project, ClipId id, Change change) {
    auto bin = *project.bin;
    const auto found = std::find_if(bin.begin(), bin.end(), [id](const Clip& clip) { return clip.id == id; });
    if (found == bin.end())
        return fail("That shot is no longer in the bin.");
    if (auto changed = change(*found); !changed)
        return tl::unexpected(changed.error());
    Project next = project;
    next.bin = std::make_shared<const std::vector<Clip>>(std::move(bin));
    return next;
}

Result<void> has_a_picture(const Clip& clip) {
    if (clip.has_picture)
        return {};
    return fail("\"" + clip.name + "\" has no picture.");
}

bool is_heard(const Project& project, ClipId clip) {
    for (const auto& lane : project.lanes)
        for (const auto& pin : lane->pins)
            if (const auto* sound = body_if<SoundBody>(&pin.body); sound && sound->sound == clip)
                return true;
    return false;
}

} // namespace

Result<Project> with_camera(const Project& project, ClipId id, std::optional<Seconds> begins_at) {
    return with_changed_clip(project, id, [&](Clip& clip) {
        clip.begins_at = begins_at;
        return has_a_picture(clip);
    });
}

Frames first_timecode(const Clip& clip, FrameRate rate) {
    std::string told = clip.timecode;
    if (!drop_frame_exists(rate))
        std::ranges::replace(told, ';', ':');
    const auto frames = parse_timecode(told, rate);
    return frames ? std::max(*frames, Frames(0)) : Frames(0);
}

Result<Project> with_clip_turned(const Project& project, ClipId id, int quarters) {
    return with_changed_clip(project, id, [&](Clip& clip) {
        clip.turned = ((clip.turned + quarters) % 4 + 4) % 4;
        if (quarters % 2 != 0)
            std::swap(clip.width, clip.height);
        return has_a_picture(clip);
    });
}

Result<Project> with_clip_file(const Project& project, ClipId id, const Clip& file) {
    return with_changed_clip(project, id, [&](Clip& clip) -> Result<void> {
        const std::string name = file.path.string();
        if (clip.has_picture && !file.has_picture)
            return fail("This file has no picture.", name, "Choose a film or a picture.");
        if (!file.has_sound && is_heard(project, id))
            return fail("This file has no sound, and that of \"" + clip.name + "\" is heard in the piece.",
                        name, "Choose a file with sound.");
        const Clip before = clip;
        clip = file;
        clip.id = before.id;
        clip.name = before.name;
        clip.begins_at = before.begins_at;
        return {};
    });
}

std::vector<ClipMark> marks_on(const Project& project, ClipId clip) {
    std::vector<ClipMark> marks;
    const PinLookup lookup(project);
    for (const auto& lane : project.lanes) {
        if (!holds<MarkerBody>(lane->kind))
            continue;
        for (const auto& pin : lane->pins) {
            const auto* tied = std::get_if<MarkerAnchor>(&pin.anchor);
            const Pin* host = tied ? lookup.find(tied->marker) : nullptr;
            const auto* cut = host ? body_if<CutBody>(&host->body) : nullptr;
            if (cut && cut->shot == clip && !cut->same_moment)
                marks.push_back({body_of<MarkerBody>(pin.body).name,
                                 cut->in_point + time_of(tied->offset, project.settings->frame_rate)});
        }
    }
    std::sort(marks.begin(), marks.end(), [](const ClipMark& a, const ClipMark& b) { return a.at < b.at; });
    return marks;
}

Project with_clips_moved(const Project& project, const std::vector<ClipId>& clips, std::size_t to) {
    const auto moves = [&](const Clip& clip) {
        return std::find(clips.begin(), clips.end(), clip.id) != clips.end();
    };
    std::vector<Clip> bin, moved;
    std::size_t place = 0;
    for (std::size_t i = 0; i < project.bin->size(); ++i) {
        const Clip& clip = (*project.bin)[i];
        if (i == to)
            place = bin.size();
        (moves(clip) ? moved : bin).push_back(clip);
    }
    if (to >= project.bin->size())
        place = bin.size();
    bin.insert(bin.begin() + static_cast<std::ptrdiff_t>(place), moved.begin(), moved.end());
    Project next = project;
    if (bin != *project.bin)
        next.bin = std::make_shared<const std::vector<Clip>>(std::move(bin));
    return next;
}

} // namespace pulsepin
