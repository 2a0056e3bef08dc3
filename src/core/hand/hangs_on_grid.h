// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

namespace pulsepin {

/// What would move with the beats if they moved.
struct HangsOnGrid {
    std::size_t pins = 0;     ///< tied to the grid
    std::size_t off_beat = 0; ///< of these, put by hand where no quarter of a beat is: meant as times
    friend bool operator==(const HangsOnGrid&, const HangsOnGrid&) = default;
};
[[nodiscard]] HangsOnGrid hangs_on_grid(const Project& project);

} // namespace pulsepin
