// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <optional>
#include <string>

namespace pulsepin {

struct Hits {
    Project project;
    LaneId lane;
    std::size_t count = 0;
};

/// Each onset of a row, or every n-th, in the range or in the whole song; in plain time where there is no
/// grid.
[[nodiscard]] Picker picker_of_row(const Project& project, const std::string& row,
                                   std::optional<TimeSpan> range = {}, int every = 1);

/// A lane of pulses that drives `target` on each onset of the row: lane, what it drives and where it acts in
/// one. Within the range, or in the whole song. Fails without such a row, and where none of its onsets lies
/// there.
[[nodiscard]] Result<Hits> with_hits(const Project& project, const Target& target, const std::string& row,
                                     std::optional<TimeSpan> range = {}, int every = 1);

} // namespace pulsepin
