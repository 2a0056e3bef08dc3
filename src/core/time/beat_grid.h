// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "base/quantity.h"

#include <optional>
#include <span>
#include <vector>

namespace pulsepin {

inline constexpr std::int64_t ticks_per_beat = 960;

/// What a grid's tempo (that of its median interval) may be: one beat in four seconds to ten a second. Music
/// lies well within; what lies beyond was a slip, as of a key that halves the tempo. Nothing makes such a
/// grid (see of_usual_tempo()), but one in an older project is read all the same.
inline constexpr Bpm slowest_grid{15}, fastest_grid{600};
/// A single interval may be longer, as over a pause, but no shorter.
inline constexpr Seconds shortest_interval{0.01}, longest_interval{3600};
/// Beats may be numbered so far from bar 1.
inline constexpr std::int64_t furthest_beat = 1'000'000'000;
inline constexpr Seconds furthest_time{1e6};
inline constexpr std::size_t most_beats = 1'000'000;

/// A place in the music as musicians say it. Bars and beats count from 1; bar 0 and below lie before bar 1.
struct MusicalPosition {
    std::int64_t bar = 1;
    int beat = 1;
    int tick = 0; ///< 0 to 959
    friend auto operator<=>(const MusicalPosition&, const MusicalPosition&) = default;
};

struct Metre {
    int beats_per_bar = 4;
    int beat_unit = 4; ///< the lower number, for display and export
    friend bool operator==(const Metre&, const Metre&) = default;
};

/// The metres a person is offered.
[[nodiscard]] std::span<const Metre> common_metres();

/// From this beat (a downbeat) on, bars have this metre. Beat 0 is bar 1, beat 1.
struct MetreChange {
    std::int64_t beat = 0;
    Metre metre;
    friend bool operator==(const MetreChange&, const MetreChange&) = default;
};

enum class BeatOrigin { Found, Corrected, Held };

struct GridBeat {
    Seconds time;
    float confidence = 1.0f; ///< 0 to 1
    BeatOrigin origin = BeatOrigin::Found;
    friend bool operator==(const GridBeat&, const GridBeat&) = default;
};

/// The ruler of all scheduling: beat times with the bars they form. An immutable value.
///
/// Musical time is counted in ticks from bar 1, beat 1. Between beats time runs in straight lines; before the
/// first beat and after the last it goes on at the tempo of the nearest interval. Both directions are total
/// functions and inverse to each other.
class BeatGrid {
public:
    /// `first_beat` is the number of beats[0], counted from bar 1 beat 1 (number 0); may be negative.
    /// Fails with fewer than two or more than `most_beats` beats, times that do not rise or are not finite,
    /// an interval beyond the limits above, metres out of 1..32, or metre changes out of order. Without a
    /// metre change the metre is 4/4.
    [[nodiscard]] static Result<BeatGrid> make(std::vector<GridBeat> beats, std::int64_t first_beat,
                                               std::vector<MetreChange> metres);

    /// A steady grid over [0, until] with a downbeat of bar 1 at `bar_one`.
    [[nodiscard]] static Result<BeatGrid> steady(Bpm tempo, Seconds bar_one, Metre metre, Seconds until);

    [[nodiscard]] const std::vector<GridBeat>& beats() const { return beats_; }
    [[nodiscard]] const std::vector<MetreChange>& metres() const { return metres_; }
    [[nodiscard]] std::int64_t first_beat() const { return first_beat_; }
    [[nodiscard]] std::int64_t last_beat() const {
        return first_beat_ + static_cast<std::int64_t>(beats_.size()) - 1;
    }

    [[nodiscard]] Seconds time_at(Ticks position) const;
    [[nodiscard]] Seconds time_at(Beats position) const;
    [[nodiscard]] Beats beats_at(Seconds time) const;
    [[nodiscard]] Ticks nearest_tick(Seconds time) const;
    [[nodiscard]] Ticks nearest_beat(Seconds time) const; ///< a whole beat, as ticks

    [[nodiscard]] MusicalPosition position_of(Ticks ticks) const;
    /// Beats past the bar's end run on into the next bars, as 5.5 in 4/4 is 6.1.
    [[nodiscard]] Ticks ticks_of(MusicalPosition position) const;
    [[nodiscard]] Metre metre_at(Ticks ticks) const;
    [[nodiscard]] bool is_downbeat(std::int64_t beat) const;

    [[nodiscard]] Bpm tempo_at(Seconds time) const;
    /// Beats by time from the first to the last.
    [[nodiscard]] Bpm mean_tempo() const;
    /// The tempo of the median interval: what a musician would call the song's tempo, slow ending or not.
    [[nodiscard]] Bpm typical_tempo() const;

    friend bool operator==(const BeatGrid&, const BeatGrid&) = default;

private:
    BeatGrid() = default;
    [[nodiscard]] const MetreChange& metre_from(std::int64_t beat, std::int64_t* bar_of_change) const;

    std::vector<GridBeat> beats_;
    std::int64_t first_beat_ = 0;
    std::vector<MetreChange> metres_;
};

/// Fails when the grid's tempo lies beyond `slowest_grid` and `fastest_grid`; hands on what failed before.
[[nodiscard]] Result<BeatGrid> of_usual_tempo(Result<BeatGrid> grid);

} // namespace pulsepin
