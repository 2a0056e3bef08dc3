// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/song_edits.h"

#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/limits.h"
#include "model/pin_edits.h"
#include "time/grid_edits.h"

#include <algorithm>

namespace pulsepin {

Project with_song_track(const Project& project, SongTrack track) {
    Project next = project;
    next.song_track = std::make_shared<const SongTrack>(std::move(track));
    return next;
}

SoundBody heard_song(const Project& project) {
    SoundBody body = project.song_track->body;
    if (body.length <= Seconds(0) && project.song)
        body.length = project.song->duration() - body.in_point;
    return body;
}

Result<Project> with_song_edge(const Project& project, SoundEdge edge, Seconds by) {
    if (!project.song)
        return fail("There is no song yet.", {}, "Open one first.");
    const Seconds whole = project.song->duration();
    SongTrack track = *project.song_track;
    track.body = trimmed(heard_song(project), edge, by, whole).body;
    constexpr Seconds sample{1e-5};
    if (track.body.in_point + track.body.length >= whole - sample) // to its end, however long that is
        track.body.length = Seconds(0);
    return with_song_track(project, std::move(track));
}

Result<Project> with_song_moved(const Project& project, Seconds by) {
    if (!project.song)
        return fail("There is no song yet.", {}, "Open one first.");
    return with_song_trimmed(project, -by, project.song->duration());
}

std::optional<SoundBody> sound_body(const Project& project, SoundChoice sound) {
    if (!sound)
        return project.song ? std::optional(project.song_track->body) : std::nullopt;
    const Pin* pin = project.pin(*sound);
    const auto* body = pin ? body_if<SoundBody>(&pin->body) : nullptr;
    return body ? std::optional(*body) : std::nullopt;
}

Result<Project> with_gain_line(const Project& project, SoundChoice sound, std::vector<GainPoint> line) {
    auto body = sound_body(project, sound);
    if (!body)
        return fail("That sound is no longer there.");
    std::stable_sort(line.begin(), line.end(),
                     [](const GainPoint& a, const GainPoint& b) { return a.at < b.at; });
    for (auto& point : line)
        point = {Seconds(limits::seconds.nearest(point.at.value)), limits::gain_db.nearest(point.db)};
    body->gain_line = std::move(line);
    if (sound)
        return with_body(project, *sound, *body);
    SongTrack track = *project.song_track;
    track.body = *std::move(body);
    return with_song_track(project, std::move(track));
}

double line_db_at(const std::vector<GainPoint>& line, Seconds at) {
    if (line.empty())
        return 0;
    const auto next = std::upper_bound(line.begin(), line.end(), at,
                                       [](Seconds a, const GainPoint& point) { return a < point.at; });
    if (next == line.begin())
        return line.front().db;
    const auto& before = *(next - 1);
    if (next == line.end())
        return before.db;
    return before.db + (next->db - before.db) * ((at - before.at) / (next->at - before.at));
}

Result<Project> with_piece(const Project& project, std::optional<Seconds> begins,
                           std::optional<Seconds> ends) {
    if (begins && *begins <= Seconds(0))
        begins.reset();
    const Seconds from = begins.value_or(Seconds(0));
    const auto until = ends ? ends : project.song ? std::optional(project.song->duration()) : std::nullopt;
    if (until && *until - from < project.settings->frame_rate.frame_length())
        return fail("The piece would end before it begins.", {}, "Put its end behind its start.");
    Settings settings = *project.settings;
    settings.begins = begins;
    settings.ends = ends;
    return with_settings(project, settings);
}

Project with_stems(const Project& project, std::vector<Stem> stems, LaneKind sounds) {
    Project next = project;
    std::vector<Shared<Lane>> lanes;
    for (auto& stem : stems) {
        next = with_clips(next, {stem.clip});
        const Clip& clip = next.bin->back();
        next = with_lane(next, sounds, clip.name);
        SoundBody body;
        body.sound = clip.id;
        body.in_point = std::max(-stem.later, Seconds(0));
        body.length = clip.duration - body.in_point;
        next = *with_pins(next, next.lanes.back()->id,
                          {Pin{{}, TimeAnchor{std::max(stem.later, Seconds(0))}, body, {}}});
        lanes.push_back(next.lanes.back());
        next.lanes.pop_back();
    }
    next.lanes.insert(next.lanes.begin(), lanes.begin(), lanes.end());
    return next;
}

namespace {

Detection without_slivers(Detection found, Seconds least) {
    auto& sections = found.sections;
    const auto is_sliver = [least](const FoundSection& section) {
        return section.end - section.start < least;
    };
    if (sections.size() > 1 && is_sliver(sections.front())) {
        sections[1].start = sections.front().start;
        sections.erase(sections.begin());
    }
    if (sections.size() > 1 && is_sliver(sections.back())) {
        sections[sections.size() - 2].end = sections.back().end;
        sections.pop_back();
    }
    return found;
}

/// That begins at 0 or after it; a beat that lies a little before 0 is meant as well.
std::int64_t first_downbeat(const BeatGrid& grid) {
    constexpr Seconds nearly(0.05);
    const auto start = grid.position_of(grid.nearest_tick(Seconds(0)));
    auto bar = start.bar;
    while (grid.time_at(grid.ticks_of({bar, 1, 0})) < Seconds(0) - nearly)
        ++bar;
    return grid.ticks_of({bar, 1, 0}).value / ticks_per_beat;
}

} // namespace

Result<Project> with_only_range(const Project& project, Seconds from, Seconds until) {
    auto next = with_song_trimmed(project, from, until);
    if (!next)
        return next;
    Seconds half_bar(1);
    if (next->grid) {
        const auto& grid = *next->grid;
        const auto first = first_downbeat(grid);
        const int beats = grid.metre_at(Ticks(first * ticks_per_beat)).beats_per_bar;
        half_bar = (grid.time_at(Ticks((first + beats) * ticks_per_beat)) -
                    grid.time_at(Ticks(first * ticks_per_beat))) /
                   2;
        if (auto named = with_bar_one_at(grid, first))
            next = relabelled(*next, *std::move(named));
    }
    if (next->detection)
        next->detection = std::make_shared<const Detection>(without_slivers(*next->detection, half_bar));
    return next;
}

} // namespace pulsepin
