// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/hangs_on_grid.h"

namespace pulsepin {

HangsOnGrid hangs_on_grid(const Project& project) {
    constexpr std::int64_t quarter = ticks_per_beat / 4, third = ticks_per_beat / 3;
    HangsOnGrid found;
    for (const auto& lane : project.lanes)
        for (const auto& pin : lane->pins) {
            const auto* on_grid = std::get_if<MusicalAnchor>(&pin.anchor);
            if (!on_grid)
                continue;
            ++found.pins;
            const auto tick = on_grid->at.value;
            const bool on_beat =
                (tick % quarter == 0 || tick % third == 0) && on_grid->offset == Offset(Seconds(0));
            found.off_beat += pin.planting.value == 0 && !on_beat;
        }
    return found;
}

} // namespace pulsepin
