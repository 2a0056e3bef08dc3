// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/piece_part.h"

namespace pulsepin {

/// One of several files that a way out makes of a piece: what is put behind its name, and with which values.
struct ExportPart {
    std::string name_ends;
    ParamValues values;
};

/// What exporters write: the piece (piece_alone()) with all that follows from it. The curves of its followers
/// are flat where they were not computed.
struct ExportMaterial {
    // Most exporters need the project alone, and most callers have nothing else.
    ExportMaterial(const Project& of) // NOLINT(google-explicit-constructor)
        : ExportMaterial(Curves{Schedule(of)}) {}
    explicit ExportMaterial(Curves of, ParamValues given = {})
        : curves(piece_alone(of)), project(curves.project()), values(std::move(given)) {}
    ExportMaterial(const ExportMaterial&) = delete;
    ExportMaterial& operator=(const ExportMaterial&) = delete;

    /// Of the lane that the value "lane" names, empty where that has none; unless it names one, of the first
    /// lane of cuts.
    [[nodiscard]] const std::vector<ShotSpan>& written_shots() const;

    const Curves curves;
    const Project& project;   ///< that of the curves
    const ParamValues values; ///< of the exporter, as far as they were given
};

inline const std::vector<ShotSpan>& ExportMaterial::written_shots() const {
    if (const LaneId named = values.lane("lane"); named.value != 0)
        return curves.schedule.spans(named).shots;
    const Lane* lane = project.first_lane(body_type<CutBody>);
    return curves.schedule.spans(lane ? lane->id : LaneId{}).shots;
}

} // namespace pulsepin
