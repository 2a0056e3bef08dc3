// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/range.h"
#include "time/beat_grid.h"

#include <cstddef>
#include <cstdint>

/// How large the numbers and texts of a project may be. Readers refuse what lies beyond, edits do not make
/// it, and docs/project.schema.json says the same (a test compares them). They are wide: a person never meets
/// them, and whatever is computed from numbers within them stays finite and fits.
namespace pulsepin::limits {

using Whole = Range<std::int64_t>;
using Real = Range<double>;

inline constexpr Whole id{1, std::int64_t{1} << 53}; ///< a JSON reader may hold numbers as doubles
inline constexpr Whole id_or_none{0, std::int64_t{1} << 53};

inline constexpr Real seconds{-1e6, 1e6};
inline constexpr Real duration{0, 1e6};
inline constexpr Whole ticks{-furthest_beat * ticks_per_beat, furthest_beat* ticks_per_beat};
inline constexpr Whole frames{-1'000'000'000, 1'000'000'000};
inline constexpr Real length_amount{0, 1e7}; ///< beats, frames or milliseconds

inline constexpr Whole sample_rate{1, 10'000'000};
inline constexpr Whole first_sample{-(std::int64_t{1} << 28), std::int64_t{1} << 45};
inline constexpr Whole samples{0, std::int64_t{1} << 45};
inline constexpr double longest_song = 86'400; ///< seconds: what follows it has some hundred values for each
inline constexpr Whole picture_side{1, 16384};
inline constexpr Whole clip_side{0, 65536};
inline constexpr Whole quarters{0, 3};

inline constexpr Real share{0, 1};
inline constexpr Real tempo{1, 10'000}; ///< of a found tempo, which need not be the grid's
inline constexpr Real level{-1000, 1000};
inline constexpr Real hertz{0, 1e6};
inline constexpr Real gain_db{-200, 200};
inline constexpr Real strength{-1e6, 1e6}; ///< percent
inline constexpr Real value{-1e9, 1e9};    ///< of a property, a step or a parameter
inline constexpr Real weight{0, 1e6};
inline constexpr Real swing{0.01, 100};
inline constexpr Real milliseconds{0, 1e7};
inline constexpr Real wave_period{1e-3, 1e6};
inline constexpr Real picked_parameter{0, 9.1e15}; ///< the number of a lane is one, too
inline constexpr Whole effect_number{1, 1'000};
inline constexpr Real shutter{0, 360};
inline constexpr Whole blur_samples{1, 64};
inline constexpr Whole decimals{0, 12};
inline constexpr Whole least_frames{0, 100'000};
inline constexpr Whole font_weight{0, 1'000};
inline constexpr Whole seed{0, 0xffffffff};
inline constexpr Real letters{1, 1'000};       ///< a second
inline constexpr Real band_speed{10, 100'000}; ///< pixels a second
inline constexpr Real percent{0, 100};
inline constexpr Whole band_row{0, 20};
inline constexpr Whole place_in_text{0, 10'000'000};
inline constexpr Whole drawing{0, 1'000'000};
inline constexpr Whole metre_beat{-furthest_beat, furthest_beat};

// Texts, in bytes of UTF-8.
inline constexpr std::size_t name = 2'000;
inline constexpr std::size_t note = 200'000;
inline constexpr std::size_t path = 16'384;

// Lists. The file itself is limited to 256 MB.
inline constexpr std::size_t line_points = 10'000;
inline constexpr std::size_t few = 1'000;       ///< lanes, layers, steps, feeds, filters
inline constexpr std::size_t many = 10'000'000; ///< pins, onsets, levels

} // namespace pulsepin::limits
