// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "time/beat_grid.h"

#include <optional>
#include <span>

namespace pulsepin {

/// Someone tapped along.
struct Tap {
    Seconds time;
    bool first_of_bar = false;
    float strength = 1; ///< how hard, 0 to 1
    friend bool operator==(const Tap&, const Tap&) = default;
};

/// A steady beat through taps. Beats may have been left out, taps may be stray: these are told.
struct TapFit {
    Seconds interval;
    Seconds origin;                 ///< time of the beat that counts as 0
    std::vector<std::int64_t> beat; ///< which beat each tap stands for
    std::vector<Seconds> error;     ///< tap less that beat
    std::vector<bool> stray;        ///< not looked at in the fit
    [[nodiscard]] Bpm tempo() const { return Bpm(60.0 / interval.value); }
    [[nodiscard]] std::size_t used() const;
};

/// None with fewer than three taps. A line through the taps by least squares, over and over without those
/// that lie further off than two and a half times the usual error (median absolute deviation).
[[nodiscard]] std::optional<TapFit> fit_taps(std::span<const Tap> taps);

/// A beat at each tap that is not stray, and steady ones where beats were left out. Inside the tapped stretch
/// they replace the grid's beats; names change behind it. Without a grid they are the grid; then the first
/// tap of a bar, or else the first, is bar 1. Fails with too few taps.
[[nodiscard]] Result<BeatGrid> with_tapped_beats(const BeatGrid* grid, std::span<const Tap> taps);

/// The grid shifted so that its beats lie on the taps, by no more than half a beat; the nearest beats to
/// first taps of bars begin bars. Fails with too few taps.
[[nodiscard]] Result<BeatGrid> with_tapped_phase(const BeatGrid& grid, std::span<const Tap> taps);

/// The median of how much later than the nearest beat the taps came: what hand, keyboard and sound take.
[[nodiscard]] std::optional<Seconds> tap_latency(const BeatGrid& grid, std::span<const Tap> taps);

} // namespace pulsepin
