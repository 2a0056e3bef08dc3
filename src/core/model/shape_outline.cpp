// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/shape_outline.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace pulsepin {
namespace {

std::vector<std::pair<double, double>> star() {
    std::vector<std::pair<double, double>> points;
    for (int i = 0; i < 10; ++i) {
        const double angle = std::numbers::pi * (i / 5.0 - 0.5), radius = i % 2 == 0 ? 1 : 0.45;
        points.emplace_back(radius * std::cos(angle), radius * std::sin(angle));
    }
    return points;
}

} // namespace

std::span<const ShapeOutline> shape_outlines() {
    static const std::vector<ShapeOutline> outlines{
        {"disc", true},
        {"square", false, {{-1, -1}, {1, -1}, {1, 1}, {-1, 1}}},
        {"kite", false, {{0, -1}, {0.7, -0.1}, {0, 1}, {-0.7, -0.1}}},
        {"triangle", false, {{0, -1}, {0.87, 0.5}, {-0.87, 0.5}}},
        {"star", false, star()},
        {"bar", false, {{-4, -0.33}, {4, -0.33}, {4, 0.33}, {-4, 0.33}}},
    };
    return outlines;
}

const ShapeOutline& shape_outline(std::string_view id) {
    const auto all = shape_outlines();
    const auto found =
        std::find_if(all.begin(), all.end(), [id](const ShapeOutline& one) { return one.id == id; });
    return found == all.end() ? all.front() : *found;
}

} // namespace pulsepin
