// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <optional>

namespace pulsepin {

struct AddedPin {
    Project project;
    PinId pin;
    bool was_there = false; ///< one of the lane lies there already: it is named, and nothing was added
};

/// Where a pin lies that shall be at that time: tied to the grid, with an offset where no tick lies there;
/// loose without a grid.
/// A length from one time to another: in beats, or in milliseconds without a grid.
[[nodiscard]] Length length_between(const Project& project, Seconds from, Seconds until);

/// Where something lies that a lane does on a frame: on the quarter of a beat that acts there, if there is
/// one, else at the start of the frame.
[[nodiscard]] Anchor anchor_on_frame(const Project& project, const Lane& lane, Frames frame);
/// The same for a moment: on the quarter of a beat within half a frame of it.
[[nodiscard]] Anchor anchor_near(const Project& project, const Lane& lane, Seconds at);

[[nodiscard]] Anchor anchor_at(const Project& project, Seconds time);

/// One pin of the lane's kind at that time, as body_at() has it; what lasts takes the length of `lasting`,
/// and begins with it. Fails for lanes of sounds, and for cuts where there is no shot to choose.
[[nodiscard]] Result<AddedPin> with_pin_added(const Project& project, LaneId lane, Seconds time,
                                              std::optional<TimeSpan> lasting = {});

} // namespace pulsepin
