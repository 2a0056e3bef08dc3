// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/lane_kind.h"
#include "schedule/appearances.h"
#include "schedule/exposures.h"
#include "schedule/lights.h"
#include "schedule/pulses.h"
#include "schedule/shots.h"
#include "schedule/texts.h"
#include "schedule/triggers.h"

#include <algorithm>
#include <array>

namespace pulsepin {

/// What the pins of a lane last as: shots for cuts, spans for triggers, curves for what drives properties,
/// nothing for others.
struct LaneSpans {
    std::vector<ShotSpan> shots;
    std::vector<TriggerSpan> triggers;
    MotionCurve motion;
    KeyCurve keys; ///< of a follower: what is drawn by hand; of poses: how far each move is, there and back
    std::array<KeyCurve, pose_size> poses; ///< of poses: of each of pose_parameters()
    std::vector<AppearanceSpan> appearances;
    std::vector<TextSpan> texts;     ///< of words and notes, by their start
    std::vector<WordLine> lines;     ///< of words
    std::vector<Exposure> exposures; ///< by their first frame, one right after the other
    LightSpans lights;
    int rows = 1; ///< of triggers and appearances, that lie over each other, and of lamps
};

[[nodiscard]] inline LaneSpans spans_of(const Project& project, const Lane& lane,
                                        const ResolvedLane& resolved) {
    LaneSpans spans;
    if (lane.kind->spans)
        lane.kind->spans(project, lane, resolved, spans);
    return spans;
}

} // namespace pulsepin
