// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

#include "schedule/picker.h"

#include <cmath>

namespace pulsepin {
namespace {

// Common practice: 40 to 50 px, 10 degrees of swing, about six changes a second.
constexpr ParamSpec own[] = {
    {"shake", "shake", ParamType::Number, "px", 0, 1000, 0, {}, {}, {}, 0, 45},
    {"shake-swing", "shake swing", ParamType::Number, "° at 45 px", 0, 360, 10, {}, {}, {}, 0, 10},
    {"shake-rate", "shake rate", ParamType::Number, "a second", 0.1, 60, 6, {}, {}, {}, 6, 12},
    {"shake-seed", "shake seed", ParamType::Number, "", 0, 9999, 1, {}, {}, {}, 1, 2},
};

/// From one chance place to the next, as often as the rate says.
double wander(double changes, std::uint64_t seed) {
    const double before = std::floor(changes);
    const auto at = [&](double number) {
        return 2 * chance_of(static_cast<std::uint64_t>(static_cast<std::int64_t>(number)), seed) - 1;
    };
    const double t = changes - before, soft = t * t * (3 - 2 * t);
    return at(before) + (at(before + 1) - at(before)) * soft;
}

void place(Placement& placement, const LayerValues& values, double seconds) {
    const double amount = values.of("shake"), changes = values.turns("shake-rate", seconds);
    const auto seed = static_cast<std::uint64_t>(values.of("shake-seed")) * 3;
    placement.x += amount * wander(changes, seed + 1);
    placement.y += amount * wander(changes, seed + 2);
    placement.rotation += values.of("shake-swing") * amount / 45 * wander(changes, seed + 3);
}

} // namespace

const EffectRow shake_effect{"shake", "Shake", own, "starts with the hit: none", place, "shake-rate"};

} // namespace pulsepin
