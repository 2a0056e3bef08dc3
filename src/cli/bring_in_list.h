// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "project_arguments.h"

#include <vector>

namespace pulsepin {

struct BringInRequest {
    ChangeRequest change;
    std::string list;                  ///< of another program
    std::vector<std::string> settings; ///< "tie=beat"
};

/// Cuts, sounds and markers of a list, as lanes of a project; says what was not understood.
[[nodiscard]] Result<void> bring_in_list(const BringInRequest& request);

} // namespace pulsepin
