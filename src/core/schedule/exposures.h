// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/resolve.h"

#include <optional>
#include <string>
#include <vector>

namespace pulsepin {

/// A drawing as it is held.
struct Exposure {
    PinId pin;
    std::size_t index = 0; ///< into the lane's pins
    Frames first;
    Frames held = Frames(1);
    std::string drawing;
    bool first_of_pin = false;
    bool mended =
        false; ///< it would have been held too shortly, or begins later than its pin for another one
};

/// The drawings of a lane, from its first pin to the end of the piece. Each is held for the lane's least at
/// least: a pin that comes too soon after another begins its drawing later, and what would be left over at
/// the end of a run goes to the drawing before it.
[[nodiscard]] std::vector<Exposure> exposures_of(const Project& project, const Lane& lane,
                                                 const ResolvedLane& resolved);

/// The one that is seen at a frame; null before the first.
[[nodiscard]] const Exposure* exposure_at(const std::vector<Exposure>& exposures, Frames frame);

/// What of a run of numbers is drawn in its place, counted from 0 and beginning anew when it is over; without
/// an end the numbers go on.
[[nodiscard]] int number_in_run(const ExposureBody& run, int from, std::int64_t place);

/// The number of a drawing that has no other name.
[[nodiscard]] std::optional<int> drawing_number(const std::string& drawing);

} // namespace pulsepin
