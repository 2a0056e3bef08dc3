// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/curve.h"
#include "follow/listening.h"
#include "schedule/lane_spans.h"

namespace pulsepin {

/// The curves of all lanes that follow. Levels that `listening` does not know yet are measured, several at a
/// time; those of sounds that are not there are flat. Fails when cancelled, or where there is no room for
/// what is listened to.
[[nodiscard]] Result<FollowerCurves> follow(const Project& project, const ProjectSounds& sounds,
                                            Listening& listening, const Progress& progress = {});

/// Whether some follower listens to the song itself or what lies beside it, not only to beats or to pins.
[[nodiscard]] bool needs_sound(const Project& project);
/// Whether one listens to more than the song.
[[nodiscard]] bool needs_lanes(const Project& project);
/// What a follower of a level listens to.
[[nodiscard]] Listened listened_of(const ParamValues& source_values);
[[nodiscard]] bool has_followers(const Project& project);

/// What a lane's curve is asked with (LaneKindRow::share_at).
struct ShareContext {
    const Project& project;
    const Lane& lane;
    const LaneSpans& spans;
    const FollowerCurves& curves;
    double frame;
    const Feed& feed; ///< poses have a curve for each property
};

/// A lane's curve at a frame, its lead included: 0 to 1 in the main, more where it overshoots. Nothing when
/// the lane is muted, drives nothing, or its curve was not computed yet.
[[nodiscard]] std::optional<double> lane_share(const Project& project, const Lane& lane,
                                               const LaneSpans& spans, const FollowerCurves& curves,
                                               double frame, const Feed& feed);

/// The parts of a project that followers are computed from are the same.
[[nodiscard]] bool follows_the_same(const Project& a, const Project& b);

} // namespace pulsepin
