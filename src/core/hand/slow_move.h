// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/schedule.h"

#include <optional>

namespace pulsepin {

// A slow move over a photograph, from one frame on it to another: two boxes of the picture's shape.

/// Where the frame lies on the layer at an end of the move, in the layer's pixels from its middle.
struct MoveBox {
    double x = 0, y = 0;
    double share = 1; ///< of the picture's width and height
    friend bool operator==(const MoveBox&, const MoveBox&) = default;
};

struct SlowMove {
    MoveBox first, last;
    Frames from, until;
};

/// As its lane of poses moves the layer, where that has two poses and no more.
[[nodiscard]] std::optional<SlowMove> slow_move_of(const Schedule& schedule, LayerId layer);

/// The same move between other boxes, or, where the layer has no poses yet, a new one over a stretch of
/// beats. Fails where it has other poses, or a locked lane, and without a grid.
[[nodiscard]] Result<Project> with_slow_move(const Schedule& schedule, LayerId layer, const MoveBox& first,
                                             const MoveBox& last, Ticks from, Ticks until);

/// Brought to where it lies on something that is so wide and high all over, no larger than that lets it be.
[[nodiscard]] MoveBox box_within(MoveBox box, double width, double height, int picture_width,
                                 int picture_height);

} // namespace pulsepin
