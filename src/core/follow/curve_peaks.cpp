// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/curve_peaks.h"

#include "model/lane_edits.h"
#include "model/onset_edits.h"
#include "model/pin_edits.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

Result<Project> with_markers_at_tops(const Project& project, LaneId id, const FollowerCurve& curve,
                                     double least, Seconds gap, LaneKind kind) {
    const Lane* lane = project.lane(id);
    if (!lane)
        return fail("That lane is no longer there.");
    const auto tops = peaks_of(curve.values(), static_cast<float>(least),
                               static_cast<std::size_t>(std::max(0.0, gap.value * curve.per_second())));
    if (tops.empty())
        return fail("\"" + lane->name + "\" has no top as high as that.", {}, "Ask for lower ones.");
    std::vector<Pin> pins;
    for (const auto& top : tops) {
        const Seconds at(static_cast<double>(top.index) / curve.per_second());
        Pin pin{{}, TimeAnchor{at}, MarkerBody{"top of " + lane->name}, {}};
        if (project.grid) {
            const Ticks tick = project.grid->nearest_tick(at);
            pin.anchor = MusicalAnchor{tick, at - project.grid->time_at(tick)};
        }
        pins.push_back(std::move(pin));
    }
    Project next = with_lane(project, kind, "Tops of " + lane->name);
    return with_pins(next, next.lanes.back()->id, std::move(pins));
}

std::vector<FoundOnset> onsets_at_tops(const FollowerCurve& curve, const OnsetRow::Tops& tops) {
    std::vector<FoundOnset> onsets;
    for (const auto& top :
         peaks_of(curve.values(), static_cast<float>(tops.least),
                  static_cast<std::size_t>(std::max(0.0, tops.gap.value * curve.per_second())),
                  static_cast<float>(tops.prominence)))
        onsets.push_back({Seconds(static_cast<double>(top.index) / curve.per_second()),
                          std::clamp(top.value, 0.0f, 1.0f)});
    return onsets;
}

Project with_tops_refreshed(const Project& project, const FollowerCurves& curves) {
    if (!project.detection)
        return project;
    auto rows = project.detection->rows;
    for (auto& row : rows)
        if (row.tops)
            if (const auto curve = curves.find(row.tops->lane);
                curve != curves.end() && curve->second && curve->second->trouble.empty())
                row.onsets = corrected(onsets_at_tops(*curve->second, *row.tops), row.by_hand);
    refresh_merged(rows);
    if (rows == project.detection->rows)
        return project;
    Detection found = *project.detection;
    found.rows = std::move(rows);
    Project next = project;
    next.detection = std::make_shared<const Detection>(std::move(found));
    return next;
}

} // namespace pulsepin
