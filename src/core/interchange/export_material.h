// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/feeds.h"

namespace pulsepin {

/// What exporters write: the project, and the curves that follow its song where they were computed.
struct ExportMaterial {
    // Most exporters need the project alone, and most callers have nothing else.
    ExportMaterial(const Project& of,
                   const FollowerCurves& curves = none()) // NOLINT(google-explicit-constructor)
        : project(of), followers(curves) {}

    const Project& project;
    const FollowerCurves& followers;

private:
    static const FollowerCurves& none() {
        static const FollowerCurves empty;
        return empty;
    }
};

/// What the lanes of a project last as.
[[nodiscard]] inline std::map<LaneId, LaneSpans> all_spans(const Project& project) {
    std::map<LaneId, LaneSpans> spans;
    for (const auto& lane : project.lanes)
        spans[lane->id] = spans_of(project, *lane, resolve(project, *lane));
    return spans;
}

} // namespace pulsepin
