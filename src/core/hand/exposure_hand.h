// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/stage_hand.h"
#include "schedule/schedule.h"

#include <span>

namespace pulsepin {

/// How drawings follow each other from pin to pin.
struct Numbering {
    int first = 1, last = 8; ///< the other way round counts down
    enum class Way { Onwards, Backwards, ToAndFro } way = Way::Onwards;
    bool again = true; ///< begins anew when it is over; else the last stays
};
/// The drawings of these pins (of all of the lane, where there are none) get numbers, by their time.
[[nodiscard]] Result<Project> with_drawings_numbered(const Project& project, LaneId lane,
                                                     std::span<const PinId> pins, const Numbering& numbering);

/// From each of these pins to the next a run of drawings plays, each held for so many frames; 0: one drawing
/// is held.
[[nodiscard]] Result<Project> with_drawings_held(const Project& project, LaneId lane,
                                                 std::span<const PinId> pins, const Numbering& run,
                                                 Frames each);

/// A layer that shows the drawings of the lane: those of a sequence by their numbers, and pictures of their
/// own by their names. Fails where the clip has no picture.
[[nodiscard]] Result<WithLayer> with_layer_of_drawings(const Project& project, LaneId lane, ClipId sequence);

/// The drawing of that name is that picture; none: it is none any more.
[[nodiscard]] Result<Project> with_drawing_picture(const Project& project, LaneId lane, std::string drawing,
                                                   ClipId picture);

} // namespace pulsepin
