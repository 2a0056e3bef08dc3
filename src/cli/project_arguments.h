// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <string>

namespace pulsepin {

/// A project that a command changes: where it is, and where the changed one goes.
struct ChangeRequest {
    std::string project, out;
    bool in_place = false; ///< the project itself is changed
    bool replace = false;  ///< a file that is there already
};

/// The project, when what was told of where to write to can be done.
[[nodiscard]] Result<Project> project_to_change(const ChangeRequest& request);
/// The project as an edit left it, finished as the window finishes its edits, and within limits.
[[nodiscard]] Result<void> save_changed(const Project& before, Project after, const ChangeRequest& request);

/// "2/8": part 2 of 8.
[[nodiscard]] Result<std::pair<int, int>> part_of_text(const std::string& text);

/// "1/2": one beat in the place of two.
[[nodiscard]] Result<std::pair<int, int>> part_of_ratio(const std::string& text);

/// The project that something is written from, when that may be written to `out`.
[[nodiscard]] Result<Project> project_to_write_from(const std::string& path, const std::string& out,
                                                    bool replace);

/// A lane by its name, or else the first of a kind ("cuts", "markers").
[[nodiscard]] Result<LaneId> find_lane(const Project& project, const std::string& name);
/// "19.1", in the project's grid.
[[nodiscard]] Result<Ticks> position_in(const Project& project, const std::string& text);

} // namespace pulsepin
