// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/piece_part.h"

#include "base/whole.h"
#include "model/edits.h"
#include "schedule/piece_length.h"
#include "schedule/shots.h"

#include <algorithm>

namespace pulsepin {
namespace {

CurveValues cut(const CurveValues& values, std::size_t from, std::size_t count) {
    CurveValues part(values.begin() + static_cast<std::ptrdiff_t>(std::min(from, values.size())),
                     values.end());
    part.resize(count, part.empty() ? 0.0f : part.back());
    return part;
}

} // namespace

Curves piece_alone(const Curves& curves) {
    const Project& project = curves.project();
    const Settings& settings = *project.settings;
    if (!project.song || (!settings.begins && !settings.ends))
        return curves;
    const Seconds begins = settings.begins.value_or(Seconds(0)), ends = piece_end(project);
    Project plain = project;
    auto without = std::make_shared<Settings>(settings);
    without->begins.reset();
    without->ends.reset();
    plain.settings = without;
    auto alone = with_song_trimmed(plain, begins, std::min(ends, project.song->duration()));
    if (!alone) // there is nothing of the song in it
        return curves;
    auto length = std::make_shared<Settings>(settings);
    length->begins.reset();
    length->ends = ends - begins;
    alone->settings = length;
    const Frames count = piece_length(*alone);
    auto followers = std::make_shared<FollowerCurves>();
    const auto first = nearest_whole(begins.value * settings.frame_rate.per_second());
    for (const auto& [lane, curve] : *curves.followers) {
        auto part = std::make_shared<FollowerCurve>(*curve);
        for (auto& stage : part->stages)
            stage = std::make_shared<const CurveValues>(
                cut(*stage, static_cast<std::size_t>(first * curve->per_frame),
                    static_cast<std::size_t>(count.value * curve->per_frame + 1)));
        (*followers)[lane] = std::move(part);
    }
    return Curves{Schedule(*std::move(alone)), std::move(followers)};
}

} // namespace pulsepin
