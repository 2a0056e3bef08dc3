// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/curve.h"
#include "model/follower.h"

#include <span>
#include <string_view>

namespace pulsepin {

struct StepContext {
    double per_second;
    const ParamValues& values;          ///< completed
    const CurveValues* other = nullptr; ///< of steps that take two together; as long as the curve
};

/// One way of shaping a follower's curve.
struct FollowerStepRow {
    std::string_view id;
    std::string_view label;
    std::string_view explains;
    ParamSpecs parameters; ///< of steps that take two curves, "other" is the lane of the second
    CurveValues (*apply)(CurveValues, const StepContext&);
    std::span<const std::string_view> levels =
        {}; ///< parameters that are heights of the curve they are given
};

[[nodiscard]] std::span<const FollowerStepRow> follower_steps();
/// Null when there is none of that id.
[[nodiscard]] const FollowerStepRow* follower_step(std::string_view id);

/// The step with its usual numbers.
[[nodiscard]] FollowerStep new_step(const FollowerStepRow& row);

/// What became of the tops of a curve: compares each with the highest value that is there now, up to a
/// quarter of a second later.
[[nodiscard]] StepEffect effect_of(const CurveValues& before, const CurveValues& after, double per_second);

} // namespace pulsepin
