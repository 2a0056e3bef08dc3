// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/picker.h"

namespace pulsepin {

/// What a placing would do, shown before it is done.
struct PlacePreview {
    struct Outline {
        Ticks at;
        Seconds time;
        Frames frame;
        Seconds rounding_error;
        ClipId shot; ///< for cuts
    };
    std::vector<Outline> outlines;
    std::size_t already_there =
        0; ///< picked positions that hold a pin of this lane; they are left as they are
    Seconds worst_rounding_error; ///< the largest without its sign
};

/// The pins that `picker` would put on the lane. Shots are taken from the bin in turn, going on after the
/// shot of the last cut before the first new one. Fails as pick() does, and for cuts when the bin is empty.
[[nodiscard]] Result<PlacePreview> preview_placing(const Project& project, LaneId lane, const Picker& picker);

struct Placed {
    Project project;
    PlantingId planting;
    std::size_t count = 0;
};

/// Does what the preview shows, as one planting. Fails as the preview does, and when nothing would be placed.
[[nodiscard]] Result<Placed> place(const Project& project, LaneId lane, const Picker& picker);

} // namespace pulsepin
