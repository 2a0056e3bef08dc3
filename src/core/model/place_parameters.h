// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/param.h"

#include <array>

namespace pulsepin {

/// Where a layer is put: position, scale, rotation and opacity, then its pivot, and how it is stretched.
[[nodiscard]] ParamSpecs place_parameters();

/// How many of them make a pose: the first of them.
inline constexpr std::size_t pose_size = 5;
[[nodiscard]] ParamSpecs pose_parameters();
/// The place of one among pose_parameters(); pose_size when it is none of them.
[[nodiscard]] std::size_t pose_index(std::string_view parameter);
/// The one that has that label, as the property of a feed whose layer is gone.
[[nodiscard]] std::size_t pose_index_labelled(std::string_view label);
/// Of a layer that was not touched yet.
[[nodiscard]] std::array<double, pose_size> initial_pose();

} // namespace pulsepin
