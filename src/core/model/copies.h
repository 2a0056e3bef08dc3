// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <span>

namespace pulsepin {

/// How a stretch of bars comes again.
struct Repetition {
    enum class Way {
        Same,
        Mirrored,   ///< each copy runs backwards: what was on the last beat comes first
        Alternating ///< the first copy backwards, the second as it was, and so on
    };
    std::int64_t every_bars = 1; ///< from the start of one to the start of the next
    int times = 1;
    Way way = Way::Same;
};

/// What a copying did. Each lane's copies are a planting of their own.
struct Copied {
    Project project;
    std::vector<PlantingId> plantings;
    std::size_t count = 0;
    std::size_t already_there = 0; ///< places that held a pin of that lane; it was left alone
};

/// The pins between `from` and `until` again, every so many bars. Fails without a grid, when nothing lies
/// there, or when a repetition is not one.
[[nodiscard]] Result<Copied> repeated(const Project& project, std::span<const PinId> pins, Ticks from,
                                      Ticks until, const Repetition& repetition);

/// Pins that were copied, to be pasted elsewhere: with their distance from the first.
struct Clipping {
    struct Item {
        LaneId lane;
        LaneKind kind;
        Pin pin;
        Ticks after;
    };
    std::vector<Item> items; ///< by time
    bool by_clock = false;   ///< without a grid: counted in ticks of the clock
};
[[nodiscard]] Clipping clipping_of(const Project& project, std::span<const PinId> pins);

/// At `at` and on, as far apart as they were. What came from a lane that is gone goes to the first lane of
/// its kind. Without a grid `at` counts ticks of the clock. Fails where there is no lane for it.
[[nodiscard]] Result<Copied> pasted(const Project& project, const Clipping& clipping, Ticks at);
/// One after the other on the places, which are rising; those left over are told as `already_there`.
[[nodiscard]] Result<Copied> pasted_on(const Project& project, const Clipping& clipping,
                                       std::span<const Ticks> places);

} // namespace pulsepin
