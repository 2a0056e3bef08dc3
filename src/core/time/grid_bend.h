// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "time/beat_grid.h"

#include <optional>

namespace pulsepin {

// Beats set by hand, one at a time. Where nothing else is said, the result has the same names and other
// times: pinned items follow their beat.

/// Beats come no closer than this.
inline constexpr Seconds least_beat{0.03};

/// How much of the grid moves along with a beat that is dragged. Held beats never move along.
enum class BendReach {
    Bar,     ///< the beats of a bar to each side, or up to the nearest held beat
    Held,    ///< all up to the nearest held beat; where there is none, the whole side moves along
    OnlyThis ///< no other beat
};

/// The beat moved to a time, or as near to it as its neighbours allow, and held there. The beats between it
/// and the nearest beat that stays are spread as they were before. Fails when there is no such beat.
[[nodiscard]] Result<BeatGrid> with_beat_moved(const BeatGrid& grid, std::int64_t beat, Seconds to,
                                               BendReach reach);

/// A held beat is right: bending, fitting and finding again leave it where it is.
[[nodiscard]] Result<BeatGrid> with_beat_held(const BeatGrid& grid, std::int64_t beat, bool held);

/// Another beat at that time. Beats behind it get the next number (before bar 1, those in front of it the one
/// before): names change, times do not. Fails closer than `least_beat` to a beat.
[[nodiscard]] Result<BeatGrid> with_beat_added(const BeatGrid& grid, Seconds time);

/// The reverse.
[[nodiscard]] Result<BeatGrid> without_beat(const BeatGrid& grid, std::int64_t beat);

/// `count` equal intervals between two beats that stay. Where that is another number of beats than before,
/// names change behind them.
[[nodiscard]] Result<BeatGrid> with_beats_between(const BeatGrid& grid, std::int64_t from, std::int64_t to,
                                                  std::int64_t count);

/// The nearest held beat at or before a place, and after it.
[[nodiscard]] std::optional<std::int64_t> held_before(const BeatGrid& grid, std::int64_t beat);
[[nodiscard]] std::optional<std::int64_t> held_after(const BeatGrid& grid, std::int64_t beat);

/// A grid that was found again, with what a person had fixed on the one before: held beats lie where they
/// were held, and bar 1 stays when `keep_bar_one` and a beat lies there.
[[nodiscard]] Result<BeatGrid> with_held_of(const BeatGrid& found, const BeatGrid& before, bool keep_bar_one);

/// Another metre from that beat on, which begins a bar, up to the next change. Names change, times do not.
[[nodiscard]] Result<BeatGrid> with_metre_from(const BeatGrid& grid, std::int64_t beat, Metre metre);

/// The whole grid half a beat later: what was taken for beats was what lies between them.
[[nodiscard]] Result<BeatGrid> on_the_off_beats(const BeatGrid& grid);

} // namespace pulsepin
