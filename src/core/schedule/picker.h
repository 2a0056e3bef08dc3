// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/picker.h"
#include "model/project.h"

#include <optional>
#include <string>
#include <vector>

namespace pulsepin {

struct Picked {
    Ticks at;
    float strength = 1;
    Seconds time = {}; ///< of the place, as pick() tells it
    friend bool operator==(const Picked&, const Picked&) = default;
};

/// The positions, in rising order. Fails without a grid where the picker needs beats, on unknown sources or
/// filters, on parameters out of their range, and when the range holds more than 100 000 positions. Picking
/// nothing is no failure.
[[nodiscard]] Result<std::vector<Picked>> pick(const Picker& picker, const Project& project);

/// Positions of the source in the range that its filters leave out, in rising order; none where it cannot
/// pick.
[[nodiscard]] std::vector<Picked> left_out(const Picker& picker, const Project& project);

/// "beats, every 2nd, 19.1 until 23.1".
[[nodiscard]] std::string describe(const Picker& picker, const Project& project);

/// When a tick of the picker's ruler is: of the project's grid, or of the clock.
[[nodiscard]] Seconds time_of_tick(const Picker& picker, const Project& project, Ticks at);
/// The tick of that ruler which is nearest to a time.
[[nodiscard]] Ticks tick_at(const Picker& picker, const Project& project, Seconds time);
/// The tick at which an anchor lies by that ruler: of those tied to the grid, or of loose ones. None for
/// others.
[[nodiscard]] std::optional<Ticks> tick_of_anchor(const Picker& picker, const Anchor& anchor);

} // namespace pulsepin
