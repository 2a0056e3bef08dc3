// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <span>

namespace pulsepin {

[[nodiscard]] std::vector<PinId> pins_of(const Project& project, PlantingId planting);

/// The planting of a lane whose picker's range holds that place, the last one of several; 0 for none.
[[nodiscard]] PlantingId planting_around(const Project& project, LaneId lane, Ticks at);

/// What a person corrected in a planting; it stays when the planting is run again.
struct Exceptions {
    std::size_t added = 0, moved = 0, altered = 0, left_out = 0;
    [[nodiscard]] std::size_t count() const { return added + moved + altered + left_out; }
};
[[nodiscard]] Exceptions exceptions_of(const Project& project, const Planting& planting);
/// Not as its planting placed it.
[[nodiscard]] bool is_exception(const Pin& pin);

/// Its pins stay as they are and belong to nothing any more.
[[nodiscard]] Project dissolved(const Project& project, PlantingId planting);

/// Kept under that name; one of the same name is replaced. Fails for an empty name.
[[nodiscard]] Result<Project> with_picker_named(const Project& project, std::string name, Picker picker);
[[nodiscard]] Project without_picker(const Project& project, const std::string& name);

/// A single place of a lane switched on or off, as a cell of a pattern is: a pin of that body is put there,
/// or those within `reach` of it go. With a planting it becomes, or undoes, an exception of it. Fails when
/// the lane is gone or locked.
[[nodiscard]] Result<Project> with_place_switched(const Project& project, LaneId lane, Ticks at, bool on,
                                                  Ticks reach, PlantingId into, const PinBody& body);

} // namespace pulsepin
