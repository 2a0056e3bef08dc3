// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

// The toolkit's moc cannot read <concepts>, which it reaches where the time scale is included first.
// clang-format off
#include "check/grid_trust.h"
#include "follow/curve.h"
#include "media/load_sound.h"
#include "parts/palette.h"
#include "schedule/schedule.h"
#include "drawing/canvas/time_scale.h"
#include "session/view_state.h"
// clang-format on

#include <QImage>
#include <QPainter>
#include <QRectF>
#include <functional>

namespace pulsepin {

/// What is drawn: the project as it looks now (with a drag that is not finished applied), and how it is
/// looked at.
struct Scene {
    const Project& project;
    std::shared_ptr<const Detection> detection; ///< as shown: with a row that someone is trying out
    const Schedule& schedule;
    const ViewState& view;
    const Palette& palette;
    TimeScale scale;                                  ///< of the rows of the song
    std::function<const LoadedSound*(ClipId)> source; ///< of sound lanes; null until it is there
    const std::vector<BarTrust>* trust = nullptr;
    const BeatGrid* proposal = nullptr; ///< found again, not taken yet
    const FollowerCurves* followers = nullptr;
    /// What a clip shows at a time; null until it is there. Missing: none are drawn.
    std::function<const QImage*(const Clip&, Seconds)> thumbnail = {};
};

/// Where a lane lies: its row on the line, or one of its rows in a phrase.
struct LanePlace {
    std::size_t lane = 0;   ///< of the project
    QRectF row;             ///< the time area only
    TimeScale scale;        ///< of that row
    bool condensed = false; ///< low, as in the score
};

/// One lane within a row of it.
struct LaneScene {
    const Scene& scene;
    const Lane& lane;
    const ResolvedLane& resolved;
    const LaneSpans& spans;
    QRectF row;
    TimeScale scale;
    bool condensed = false;
};

/// The scene must outlive it.
[[nodiscard]] inline LaneScene lane_scene(const Scene& scene, const LanePlace& place) {
    return {scene,
            *scene.project.lanes[place.lane],
            scene.schedule[place.lane],
            scene.schedule.spans(place.lane),
            place.row,
            place.scale,
            place.condensed};
}

} // namespace pulsepin
