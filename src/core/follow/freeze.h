// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/feeds.h"

namespace pulsepin {

/// One key a frame over [from, until), straight from each to the next. Frames at which the lane drives
/// nothing are left out.
[[nodiscard]] std::vector<CurveKey> keys_per_frame(const Curves& curves, const Lane& lane, const Feed& feed,
                                                   Frames from, Frames until);

struct SimplifiedKeys {
    std::vector<CurveKey> keys;
    double worst = 0; ///< how far the straight lines between them lie from the values that were left out
};

/// As few of the keys as keep within `tolerance` of all of them (Douglas and Peucker 1973, measured along
/// the value).
[[nodiscard]] SimplifiedKeys simplified(const std::vector<CurveKey>& keys, double tolerance);
/// The same of a value for each frame from 0 on: the frames whose values stay.
[[nodiscard]] std::vector<std::size_t> simplified_frames(std::span<const double> values, double tolerance);

/// A new lane of `kind`, which is keyed, that drives the property instead. The lane it came from drives it no
/// more. `index` counts as feeds_of() does.
[[nodiscard]] Result<Project> frozen(const Project& project, LaneId lane, std::size_t index,
                                     const std::vector<CurveKey>& keys, LaneKind kind);

} // namespace pulsepin
