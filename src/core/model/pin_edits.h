// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <functional>
#include <span>

namespace pulsepin {

// Bulk edits leave locked pins, and those of locked lanes, as they are; edits of a single pin fail on them.
// Where a whole planting is changed its rule goes along; what is done to a part of one makes exceptions,
// which stay when it is run again.

/// Adds pins to a lane and gives each an id; a pin's own id is not looked at. Fails when the lane does not
/// exist, is locked, or a pin's body is of another kind.
[[nodiscard]] Result<Project> with_pins(const Project& project, LaneId lane, std::vector<Pin> pins);

/// What was tied to one of them stays where it was, but for what lasts as long as a word: it goes with it. A
/// planting that loses all its pins goes too.
[[nodiscard]] Project without_pins(const Project& project, std::span<const PinId> pins);

/// Along plain time, whatever they lie on; what is tied to a beat keeps it, with another offset.
[[nodiscard]] Project moved_in_time(const Project& project, std::span<const PinId> pins, Seconds by);
[[nodiscard]] Result<Project> with_anchor(const Project& project, PinId pin, Anchor anchor);
[[nodiscard]] Result<Project> with_body(const Project& project, PinId pin, PinBody body);
/// `change` is called for each of the pins; it must not change the kind.
[[nodiscard]] Project with_bodies(const Project& project, std::span<const PinId> pins,
                                  const std::function<void(PinBody&)>& change);

[[nodiscard]] Project with_pins_locked(const Project& project, std::span<const PinId> pins, bool locked);
[[nodiscard]] Project with_pins_muted(const Project& project, std::span<const PinId> pins, bool muted);
/// How many of them are locked or lie in a locked lane.
[[nodiscard]] std::size_t locked_among(const Project& project, std::span<const PinId> pins);

/// The pins moved along the grid; loose ones by the same length of time as seen from their own place, those
/// tied to another pin by the same on the other side of it.
[[nodiscard]] Project moved_by(const Project& project, std::span<const PinId> pins, Ticks by);
/// The pins moved by whole frames; those tied to the grid stay tied to their beat.
[[nodiscard]] Project nudged_by(const Project& project, std::span<const PinId> pins, Frames by);
/// The pins moved by bars: to the same place in another bar, whatever its metre.
[[nodiscard]] Project moved_by_bars(const Project& project, std::span<const PinId> pins, std::int64_t by);
/// Triggers moved to rows further down their lane.
[[nodiscard]] Project with_rows_moved(const Project& project, std::span<const PinId> pins, int down);
inline constexpr int most_trigger_rows = 4;

/// Pinned becomes loose at the same time, loose becomes pinned to the nearest beat's name with an offset.
/// Fails without a grid.
[[nodiscard]] Result<Project> with_pinned(const Project& project, PinId pin, bool pinned);

/// The marker tied to what lies at that pin, a cut or a sound, so that it travels with it; or, without one,
/// free of it again. It stays at its time. Fails on rings.
[[nodiscard]] Result<Project> with_marker_on(const Project& project, PinId marker, std::optional<PinId> host);

struct SnappedToOnsets {
    Project project;
    std::size_t moved = 0, there_already = 0, too_far = 0;
    Seconds farthest; ///< the longest way that one was moved
};
/// Each pin to the nearest onset of that row, unless it is farther than `limit`; anchors keep their kind.
/// Fails when there is no such row.
[[nodiscard]] Result<SnappedToOnsets> snapped_to_onsets(const Project& project, std::span<const PinId> pins,
                                                        std::size_t row, Seconds limit);

} // namespace pulsepin
