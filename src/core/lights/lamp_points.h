// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <filesystem>
#include <string_view>
#include <vector>

namespace pulsepin {

/// Where a lamp of a prop lies, in the units of its file: to the right and down.
struct LampPoint {
    double x = 0, y = 0;
    friend bool operator==(const LampPoint&, const LampPoint&) = default;
};

/// The lamps of a prop, in the order of its file: a table of two columns of numbers (CSV; a head of words is
/// skipped), or a drawing in which each circle, ellipse and rectangle is a lamp and each line, polyline and
/// polygon has one at each of its points (SVG 1.1; moved by its own and its groups' translate, scale and
/// matrix). Fails, naming line or element, for what is no number, for more than 20 000 lamps, and for files
/// without any.
[[nodiscard]] Result<std::vector<LampPoint>> lamp_points(const std::filesystem::path& file);
[[nodiscard]] Result<std::vector<LampPoint>> lamp_points_of_csv(std::string_view text);
[[nodiscard]] Result<std::vector<LampPoint>> lamp_points_of_svg(std::string_view text);

/// Into the middle of a plan as large as 100 by 100, in their own proportions, as large as `size` percent of
/// its height; `aspect` is the plan's width by its height.
[[nodiscard]] std::vector<LampPoint> fitted(std::vector<LampPoint> points, double size, double aspect);

} // namespace pulsepin
