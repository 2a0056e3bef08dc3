// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/curve.h"
#include "schedule/resolve.h"

namespace pulsepin {

/// The stretch that a key acts in that lies over a follower's curve.
struct OverSpan {
    std::size_t index = 0; ///< of the pin in its lane
    Seconds start, end;    ///< all of it acts between them
    Seconds fade_in, fade_out;
    /// 0 to 1: how much of it acts at a time; fades are half turns of a cosine.
    [[nodiscard]] double share_at(Seconds time) const;
};

/// Of the keys of the lane that are not drawn ones nor muted, by when they start.
[[nodiscard]] std::vector<OverSpan> over_spans(const Project& project, const Lane& lane,
                                               const ResolvedLane& resolved);

/// What a person laid over the curve: lifted (lowered as far as 0) and replaced in turn, then cut down to
/// where it acts. The lane's lead is not in it.
[[nodiscard]] CurveValues with_corrections(CurveValues values, const Lane& lane,
                                           const std::vector<OverSpan>& spans, double per_second);

} // namespace pulsepin
