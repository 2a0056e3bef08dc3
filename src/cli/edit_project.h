// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "project_arguments.h"

#include <vector>

namespace pulsepin {

struct EditRequest {
    ChangeRequest change;
    std::string edit;                  ///< of hand_edits()
    std::string lane, named;           ///< which pins: in that lane, of that name
    std::string from, until;           ///< bar.beat, the last one not included
    std::string at;                    ///< bar.beat; the song's beginning unless given
    std::vector<std::string> settings; ///< "beats=2"
};

/// What a command of the window does by hand, done to a project file.
[[nodiscard]] Result<void> edit_project(const EditRequest& request);
/// "move|roll|...".
[[nodiscard]] std::string edit_ids();

} // namespace pulsepin
