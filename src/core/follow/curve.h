// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <map>
#include <memory>
#include <string>
#include <vector>

namespace pulsepin {

/// Values over the whole piece, several a frame: value i lies at i / per_frame frames.
using CurveValues = std::vector<float>;

/// What a step did to the tops of its curve.
struct StepEffect {
    double lower = 0;    ///< share that they lost in the mean: 0.25 is a quarter
    double later_ms = 0; ///< in the mean
};

/// A follower as it was computed. Derived, never stored.
struct FollowerCurve {
    int per_frame = 1;
    FrameRate rate;
    /// The source, then the curve after each of the steps; a step that is off shares the one before.
    std::vector<std::shared_ptr<const CurveValues>> stages;
    std::vector<float> highest;      ///< of each stage
    std::vector<StepEffect> effects; ///< of each step
    std::string trouble;             ///< why it is flat, if it is
    /// Of a spectrum: the finished curve of each band, the lowest first.
    std::vector<std::shared_ptr<const CurveValues>> bands;

    [[nodiscard]] double per_second() const { return rate.per_second() * per_frame; }
    [[nodiscard]] const CurveValues& values() const;
    /// In a straight line between the two nearest values; the ends go on.
    [[nodiscard]] double share_at(double frame) const;
};

using FollowerCurves = std::map<LaneId, std::shared_ptr<const FollowerCurve>>;

/// In a straight line between the two nearest values; the ends go on; 0 for no values.
[[nodiscard]] double value_between(const CurveValues& values, double index);

/// A moment at which a curve is higher than around it.
struct CurvePeak {
    std::size_t index = 0;
    float value = 0;
};

/// Tops of `least` or more, no two closer than `gap` values; of those that are, the higher one. Each rises by
/// `prominence` above the higher of the two dips between it and what is higher, or the curve's end.
[[nodiscard]] std::vector<CurvePeak> peaks_of(const CurveValues& values, float least, std::size_t gap,
                                              float prominence = 0);

} // namespace pulsepin
