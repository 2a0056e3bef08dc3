// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/resolve.h"

namespace pulsepin {

/// A shot as it is seen: the frames [start, end) show the clip from in_point on.
struct ShotSpan {
    PinId cut;
    ClipId shot;
    Frames start;
    Frames end;
    Seconds in_point;
    bool too_short = false; ///< the clip ends before the span does; its last picture stands still
    Frames fade =
        Frames(0); ///< cross-faded from the span before over as many frames, half of them before `start`

    ShotFraming framing = {};
    double speed = 1; ///< of its clip; below 0 backwards
    CutBody::Change change = CutBody::Change::Fade;
    int slate = 0; ///< the number of a card that stands for a shot to come: its place among the lane's cuts

    [[nodiscard]] Frames length() const { return end - start; }
};

/// The shots of a lane of cuts, in order. Of cuts that fall on one frame the last placed one is seen; what
/// starts before frame 0 is seen from frame 0 on; the last shot lasts until the end of the song.
[[nodiscard]] std::vector<ShotSpan> shots_of(const Project& project, const Lane& lane);
/// The same where the lane was resolved already.
[[nodiscard]] std::vector<ShotSpan> shots_of(const Project& project, const Lane& lane,
                                             const ResolvedLane& resolved);

/// The span that contains the frame; null in a gap.
[[nodiscard]] const ShotSpan* shot_at(const std::vector<ShotSpan>& shots, Frames frame);

/// The place in the clip that a frame of the span shows, by whole frames from its in-point at its speed.
[[nodiscard]] Seconds clip_time(const ShotSpan& span, Frames frame, FrameRate rate);

/// How much of the shot is seen at a frame within its cross-fade: 0 before it, 1 after it.
[[nodiscard]] double opacity_at(const ShotSpan& span, Frames frame);
/// The first frame of its cross-fade; `start` without one.
[[nodiscard]] inline Frames fade_start(const ShotSpan& span) {
    return span.start - Frames(span.fade.value / 2);
}

} // namespace pulsepin
