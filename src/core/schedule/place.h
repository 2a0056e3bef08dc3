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
        PinBody body;
    };
    std::vector<Outline> outlines;
    std::vector<Seconds> left_out; ///< what the picker's filters do not let through
    std::size_t already_there =
        0;                     ///< picked positions that hold a pin of this lane; they are left as they are
    std::size_t too_close = 0; ///< picked, but a shot would become too short there
    Seconds worst_rounding_error; ///< the largest without its sign
};

/// The pins that `picker` would put on the lane, formed by `form`. Fails as pick() and bodies_for() do, and
/// when the lane is locked.
[[nodiscard]] Result<PlacePreview> preview_placing(const Project& project, LaneId lane, const Picker& picker,
                                                   const PlantingForm& form = {});

struct Placed {
    Project project;
    PlantingId planting;
    std::size_t count = 0;
};

/// Does what the preview shows, as one planting. Fails as the preview does, and when nothing would be placed.
[[nodiscard]] Result<Placed> place(const Project& project, LaneId lane, const Picker& picker,
                                   const PlantingForm& form = {});

struct Replanted {
    Project project;
    std::size_t added = 0, removed = 0, moved = 0;
    std::size_t kept = 0; ///< exceptions that stayed
    PlacePreview preview; ///< outlines of what is added or moved
    [[nodiscard]] bool changes() const { return added + removed + moved > 0; }
};

/// The planting run again, after the grid or the onsets changed or with another picker or form. Its pins stay
/// where they are still picked, or go to the place that took the place of theirs; what is no longer picked
/// goes. What a person corrected stays as it is, and what was left out stays out. With another form all but
/// the exceptions take it; else they look as they did.
[[nodiscard]] Result<Replanted> run_again(const Project& project, PlantingId planting);
[[nodiscard]] Result<Replanted> run_again(const Project& project, PlantingId planting, const Picker& picker,
                                          const PlantingForm& form);

} // namespace pulsepin
