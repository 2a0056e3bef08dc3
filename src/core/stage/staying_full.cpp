// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/staying_full.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace pulsepin {
namespace {

struct Point {
    double x, y;
};

/// Back through its turn, skew and scale.
Point undone(Point p, const Placement& at, bool camera) {
    const double turn = (camera ? at.rotation : -at.rotation) * std::numbers::pi / 180;
    if (camera) { // it scales last: see through it, it is scaled first
        p.x /= at.scale * at.scale_x;
        p.y /= at.scale * at.scale_y;
        return {p.x * std::cos(turn) - p.y * std::sin(turn), p.x * std::sin(turn) + p.y * std::cos(turn)};
    }
    p = {p.x * std::cos(turn) - p.y * std::sin(turn), p.x * std::sin(turn) + p.y * std::cos(turn)};
    p.x /= at.scale * at.scale_x;
    p.y /= at.scale * at.scale_y;
    p.x += std::tan(at.skew * std::numbers::pi / 180) * p.y;
    return p;
}

Placement without_effects(LayerValues values, double seconds) {
    Placement placed = placement_of(values, seconds);
    return {values.of("position-x"),
            values.of("position-y"),
            values.of("scale") / 100,
            values.of("rotation"),
            values.of("opacity") / 100,
            placed.pivot_x,
            placed.pivot_y,
            placed.scale_x,
            placed.scale_y,
            placed.skew};
}

} // namespace

std::optional<double> enlarged_to_fill(const Placement& at, const FullPicture& full) {
    if (!(at.scale * at.scale_x > 0 && at.scale * at.scale_y > 0))
        return std::nullopt;
    // What it grows about, in the pixels of what is to fill the frame, and where that is seen.
    const Point about =
        full.camera ? Point{at.x + at.pivot_x, at.y + at.pivot_y} : Point{at.pivot_x, at.pivot_y};
    const Point seen =
        full.camera ? Point{at.pivot_x, at.pivot_y} : Point{at.x + at.pivot_x, at.y + at.pivot_y};
    const double half_width = full.width / 2, half_height = full.height / 2;
    if (std::abs(about.x) >= half_width || std::abs(about.y) >= half_height)
        return std::nullopt;
    double needed = 1;
    const auto within = [&](double from, double way, double half) {
        if (way != 0)
            needed = std::max(needed, way > 0 ? way / (half - from) : -way / (half + from));
    };
    for (const Point corner : {Point{-half_width, -half_height}, Point{half_width, -half_height},
                               Point{-half_width, half_height}, Point{half_width, half_height}}) {
        const Point way = undone({corner.x - seen.x, corner.y - seen.y}, at, full.camera);
        within(about.x, way.x, half_width);
        within(about.y, way.y, half_height);
    }
    return needed;
}

double enlarged_to_stay_full(const LayerValues& own, const LayerValues& driven, double seconds,
                             const FullPicture& full) {
    constexpr double hidden = 1 + 1e-9;
    const Placement rest = without_effects(own, seconds), lanes = without_effects(driven, seconds);
    const auto fills = enlarged_to_fill(rest, full);
    if (!fills || *fills > hidden || !(lanes.scale > 0))
        return 1;
    const Placement acting = placement_of(driven, seconds);
    Placement at = acting;
    at.x = rest.x + acting.x - lanes.x;
    at.y = rest.y + acting.y - lanes.y;
    at.scale = acting.scale / lanes.scale * std::max(rest.scale, lanes.scale);
    if (!full.turns)
        at.rotation = rest.rotation + acting.rotation - lanes.rotation;
    return enlarged_to_fill(at, full).value_or(1);
}

} // namespace pulsepin
