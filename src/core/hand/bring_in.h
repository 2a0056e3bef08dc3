// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/film_cuts.h"
#include "model/brought_in.h"
#include "params/param.h"
#include "schedule/schedule.h"

#include <span>

namespace pulsepin {

// What another program's list says, made into lanes of this piece.

/// How it comes: tied to the nearest beat or onset where one is near enough, else loose where it was; tied to
/// the grid where it was, to the frame; or loose.
[[nodiscard]] ParamSpecs bringing_params();

struct WithBrought {
    Project project;
    std::size_t cuts = 0, sounds = 0, markers = 0;
    std::size_t tied = 0;    ///< of them, moved onto a beat or an onset
    std::size_t missing = 0; ///< clips that were not found: they are in the bin under their names
    std::vector<LaneId> lanes;
};
/// Each track of cuts and of sounds becomes a lane, and all markers one. Clips are those of the bin with that
/// file or name. `folder`: of the list, in which files are looked for that are told by their names alone.
/// `known`: what such files are, as clips without numbers. Fails where nothing of it lies in the piece, and
/// where it is to be tied and there is no grid.
[[nodiscard]] Result<WithBrought> with_brought(const Project& project, const BroughtIn& list,
                                               const ParamValues& values,
                                               const std::filesystem::path& folder = {},
                                               std::span<const Clip> known = {});

/// The files that it names, which the bin has not and which are there: what they are is worth knowing before.
[[nodiscard]] std::vector<std::filesystem::path> files_to_know(const Project& project, const BroughtIn& list,
                                                               const std::filesystem::path& folder);

/// The cuts that were found in a finished film, which shows itself between them: so that an edit that is
/// there is checked against a song.
[[nodiscard]] BroughtIn list_of_film(const std::filesystem::path& film, const std::vector<FoundCut>& cuts,
                                     Seconds length);

/// "18 cuts, 3 sounds and 4 markers; 9 on beats; 2 clips are missing".
[[nodiscard]] std::string told_of(const WithBrought& brought);

} // namespace pulsepin
