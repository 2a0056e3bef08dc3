// SPDX-License-Identifier: GPL-3.0-or-later
#include "time/clock_grid.h"

#include "base/whole.h"

#include <algorithm>

namespace pulsepin {
namespace {

constexpr double ticks_per_second = fastest_grid.value / 60 * static_cast<double>(ticks_per_beat);

} // namespace

Ticks clock_ticks(Seconds time) {
    return Ticks(nearest_whole(time.value * ticks_per_second));
}

Seconds clock_time(Ticks ticks) {
    return Seconds(static_cast<double>(ticks.value) / ticks_per_second);
}

BeatGrid clock_grid(Seconds until) {
    return *BeatGrid::steady(fastest_grid, Seconds(0), {}, std::max(until, Seconds(1)));
}

} // namespace pulsepin
