// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "project_arguments.h"

#include <optional>

namespace pulsepin {

struct GridRequest {
    ChangeRequest change;
    std::optional<double> tempo, shift; ///< beats a minute; ms, less than 0 is earlier
    std::string ratio, metre, bar_one;  ///< "1/2", "3/4", a place
};
/// Changes beats and bars as the window's edits do, in this order: ratio, tempo, shift, bar 1, metre.
[[nodiscard]] Result<void> change_grid(const GridRequest& request);

} // namespace pulsepin
