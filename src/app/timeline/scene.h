// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "check/grid_trust.h"
#include "follow/curve.h"
#include "media/load_sound.h"
#include "palette.h"
#include "schedule/schedule.h"
#include "timeline/time_scale.h"
#include "view_state.h"

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
    TimeScale scale;
    std::function<const LoadedSound*(ClipId)> source; ///< of sound lanes; null until it is there
    const std::vector<BarTrust>* trust = nullptr;
    const BeatGrid* proposal = nullptr; ///< found again, not taken yet
    const FollowerCurves* followers = nullptr;
};

/// One lane within its row.
struct LaneScene {
    const Scene& scene;
    const Lane& lane;
    const ResolvedLane& resolved;
    const LaneSpans& spans;
    QRectF row; ///< the time area only
};

} // namespace pulsepin
