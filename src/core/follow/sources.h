// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/curve.h"
#include "follow/level_track.h"
#include "schedule/lane_spans.h"

#include <span>
#include <string_view>

namespace pulsepin {

inline constexpr int most_bands = 64; ///< of a spectrum

/// What a source is computed from.
enum class FollowerTakes { Keys, Level, Onsets, Grid, Pins, Curve, Bands };

struct SourceContext {
    const Project& project;
    const ParamValues& values;           ///< of the source, completed
    const LevelTrack* level = nullptr;   ///< of sources that take a level
    const CurveValues* other = nullptr;  ///< of sources that take a curve
    const std::vector<Seconds>& moments; ///< of sources that take pins: when they act, rising
    /// Of sources that take bands: each band's level over time, the lowest first.
    const std::vector<CurveValues>& bands;
    const KeyCurve& drawn; ///< the lane's own keys
    FrameRate rate;
    int per_frame = 1;
    std::size_t count = 0;
    /// Numbers that other curves drive, by their ids: as many values as the curve has.
    const std::map<std::string, CurveValues>& driven;

    [[nodiscard]] double seconds(std::size_t i) const {
        return static_cast<double>(i) / (rate.per_second() * per_frame);
    }
};

/// Where a follower's curve comes from.
struct FollowerSourceRow {
    std::string_view id;
    std::string_view label;
    std::string_view explains;
    FollowerTakes takes;
    ParamSpecs parameters;
    CurveValues (*values)(const SourceContext&);
};

[[nodiscard]] std::span<const FollowerSourceRow> follower_sources();
/// Null when there is none of that id.
[[nodiscard]] const FollowerSourceRow* follower_source(std::string_view id);

/// Whether another lane's curve may drive a number of the source; all numbers of steps may be.
[[nodiscard]] bool may_be_driven(const FollowerSourceRow& source, std::string_view parameter);

/// Bands by name, with limits that are common practice; the person may set others.
struct NamedBand {
    std::string_view id;
    std::string_view label;
    double from_hz, until_hz; ///< 0: no limit
};
[[nodiscard]] std::span<const NamedBand> named_bands();

/// The limits of so many bands of equal width on a logarithmic scale.
[[nodiscard]] std::vector<NamedBand> even_bands(int count, double lowest_hz, double highest_hz);
/// The limits of twelve bands of equal width on a logarithmic scale from 40 Hz to 16 kHz (a spectrum for
/// animation has twelve: common practice).
[[nodiscard]] std::vector<NamedBand> twelve_bands();

} // namespace pulsepin
