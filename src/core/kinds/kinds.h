// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/lane_kind.h"
#include "model/project.h"

namespace pulsepin {

/// All kinds of lanes, in the order in which they are offered. A new kind is a file here, a file in
/// app/kinds, and a line in either table.
[[nodiscard]] std::span<const LaneKind> lane_kinds();
/// None when there is none of that id.
[[nodiscard]] std::optional<LaneKind> lane_kind_by_id(std::string_view id);
/// The first whose pins are such: kind_of(body_type<MarkerBody>).
[[nodiscard]] LaneKind kind_of(BodyType body);
/// The first that follows what the song has.
[[nodiscard]] LaneKind kind_that_follows();

/// An empty project with one lane of each kind that a person begins with.
[[nodiscard]] Project new_project();

namespace kinds {
extern const LaneKindRow marker_row, cut_row, sound_row, trigger_row;
extern const LaneKindRow pulse_row, key_row, pose_row, follower_row, appearance_row;
extern const LaneKindRow word_row, note_row, exposure_row, light_row;

/// The row of its lane that a pin lies in, counted from 1, as people do.
[[nodiscard]] PinProperty row_property(Fields::Presence in_files);
} // namespace kinds

} // namespace pulsepin
