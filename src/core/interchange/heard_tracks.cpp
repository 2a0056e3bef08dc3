// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/heard_tracks.h"

#include "schedule/sound_parts.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <optional>

namespace pulsepin {
namespace {

constexpr double silence_db = -70;

std::optional<HeardTrack> song_track(const Project& project) {
    if (!project.song || !song_is_heard(project))
        return std::nullopt;
    const Song& song = *project.song;
    const SoundBody& body = project.song_track->body;
    const Seconds from(static_cast<double>(song.from.value) / static_cast<double>(song.sample_rate));
    // Below 0 the song begins with silence that its file does not have.
    const Seconds begins = std::max({Seconds(0), body.in_point, Seconds(0) - from});
    const Seconds ends = body.length > Seconds(0) ? body.in_point + body.length : song.duration();
    if (ends <= begins)
        return std::nullopt;
    const std::string name = song.title.empty() ? song.path.stem().string() : song.title;
    return HeardTrack{song.title.empty() ? "Song" : song.title,
                      true,
                      {{name, song.path, from + song.duration(), from + begins, begins, ends,
                        begins - body.in_point, body}}};
}

std::optional<HeardItem> item_of(const Project& project, const SoundPart& part) {
    // What begins before the piece is heard from its first frame on.
    const Seconds start = std::max(part.start, Seconds(0)), cut = start - part.start;
    if (part.body.length <= cut)
        return std::nullopt;
    const Clip* of = project.clip(part.body.sound);
    return HeardItem{of ? of->name : "not in the bin",
                     of ? of->path : std::filesystem::path(),
                     of ? of->duration : Seconds(0),
                     part.body.in_point + cut,
                     start,
                     part.start + part.body.length,
                     cut,
                     part.body};
}

/// Of its full height, over a fade that is so far.
double height(FadeCurve curve, double share) {
    share = std::clamp(share, 0.0, 1.0);
    return curve == FadeCurve::Linear ? share : std::sin(share * std::numbers::pi / 2);
}

double line_at(const std::vector<GainPoint>& line, Seconds at) {
    if (line.empty())
        return 0;
    const auto next = std::ranges::find_if(line, [at](const GainPoint& point) { return point.at > at; });
    if (next == line.begin())
        return line.front().db;
    if (next == line.end())
        return line.back().db;
    const auto before = next - 1;
    return before->db + (next->db - before->db) * ((at - before->at) / (next->at - before->at));
}

} // namespace

double decibels_at(const HeardItem& item, Seconds after) {
    const SoundBody& body = item.body;
    const Seconds into = item.cut + after, left = item.end - item.start - after;
    double high = 1;
    if (body.fade_in > Seconds(0))
        high *= height(body.curve_in, into / body.fade_in);
    if (body.fade_out > Seconds(0))
        high *= height(body.curve_out, left / body.fade_out);
    const double faded = high > 0 ? 20 * std::log10(high) : silence_db;
    return std::max(silence_db, body.gain_db + line_at(body.gain_line, body.in_point + into) + faded);
}

std::vector<HeardTrack> heard_tracks(const ExportMaterial& material) {
    const Project& project = material.project;
    const Schedule& schedule = material.curves.schedule;
    std::vector<HeardTrack> tracks;
    if (auto song = song_track(project))
        tracks.push_back(*std::move(song));
    const auto heard = heard_parts(schedule);
    for (const auto& lane : project.lanes) {
        if (!holds<SoundBody>(lane->kind))
            continue;
        auto parts = parts_of_lane(schedule, lane->id);
        std::erase_if(parts, [&](const SoundPart& part) {
            return std::ranges::find(heard, part.pin, &SoundPart::pin) == heard.end();
        });
        std::ranges::stable_sort(parts, {}, &SoundPart::start);
        const auto first = static_cast<std::ptrdiff_t>(tracks.size());
        for (const auto& part : parts) {
            auto item = item_of(project, part);
            if (!item)
                continue;
            // What is heard at once lies on tracks of its own.
            auto free = std::find_if(tracks.begin() + first, tracks.end(), [&](const HeardTrack& track) {
                return track.items.back().end <= item->start + Seconds(1e-9);
            });
            if (free == tracks.end())
                free = tracks.insert(tracks.end(), HeardTrack{lane->name, false, {}});
            free->items.push_back(*std::move(item));
        }
    }
    return tracks;
}

} // namespace pulsepin
