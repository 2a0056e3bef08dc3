// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "project_arguments.h"

#include <vector>

namespace pulsepin {

struct PlaceRequest {
    ChangeRequest change;
    std::string lane, source = "beats", from, until;
    int every = 1;
    bool whole = false;                         ///< the whole song, whatever from and until say
    bool tried = false;                         ///< only said
    std::vector<std::string> filters, settings; ///< "onsets.row=kick", "every-nth.n=4"
};

/// Places items of a lane and says how many.
[[nodiscard]] Result<void> place_pins(const PlaceRequest& request);

} // namespace pulsepin
