// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <string_view>
#include <vector>

namespace pulsepin {

/// A shape around its middle; lengths are in units of its radius, y downwards.
struct ShapeOutline {
    std::string_view id;
    bool round = false; ///< a circle of radius 1, without points
    std::vector<std::pair<double, double>> points = {};
};

[[nodiscard]] std::span<const ShapeOutline> shape_outlines();
/// The disc for unknown ids.
[[nodiscard]] const ShapeOutline& shape_outline(std::string_view id);

/// The radius of a shape in a picture of that height, at 100 %.
[[nodiscard]] inline double shape_radius(int picture_height) {
    return picture_height / 8.0;
}

} // namespace pulsepin
