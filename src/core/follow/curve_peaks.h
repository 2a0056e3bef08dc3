// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/curve.h"

namespace pulsepin {

/// A new lane of `kind`, which marks, with a marker at each top of a follower's curve that is `least` or
/// higher, no two closer than `gap`, so that pickers find them: each named after the lane. The lane's lead is
/// not in them. Fails when there is none.
[[nodiscard]] Result<Project> with_markers_at_tops(const Project& project, LaneId lane,
                                                   const FollowerCurve& curve, double least, Seconds gap,
                                                   LaneKind kind);

/// A row of onsets made of a follower's tops, as its settings say.
[[nodiscard]] std::vector<FoundOnset> onsets_at_tops(const FollowerCurve& curve, const OnsetRow::Tops& tops);

/// The same project with its rows of tops made again of the curves; the project itself where nothing changed.
/// Rows whose curve is not there stay.
[[nodiscard]] Project with_tops_refreshed(const Project& project, const FollowerCurves& curves);

} // namespace pulsepin
