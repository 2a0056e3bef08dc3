// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

#include "base/chance.h"
#include "schedule/picker.h"

#include <cmath>

namespace pulsepin {
namespace {

// Common practice: 40 to 50 px, 10 degrees of swing, about six changes a second.
constexpr ParamSpec own[] = {
    {"shake",
     "shake",
     ParamType::Number,
     "px",
     0,
     1000,
     0,
     "all ways at once; across, up and turn come on top",
     {},
     {},
     0,
     45},
    {.id = "shake-across", .label = "shake across", .unit = "px", .least = 0, .most = 1000, .usual_high = 30},
    {.id = "shake-up", .label = "shake up", .unit = "px", .least = 0, .most = 1000, .usual_high = 30},
    {.id = "shake-turn", .label = "shake turn", .unit = "°", .least = 0, .most = 360, .usual_high = 8},
    {"shake-rate", "shake rate", ParamType::Number, "a second", 0.1, 60, 6, {}, {}, {}, 6, 12},
    {"shake-swing",
     "shake swing",
     ParamType::Number,
     "° at 45 px",
     0,
     360,
     10,
     "turn that comes with the shake",
     {},
     {},
     0,
     10},
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

void place(Placement& placement, const EffectValues& values, double seconds) {
    const double amount = values.of("shake"), changes = values.turns("shake-rate", seconds);
    const auto seed = static_cast<std::uint64_t>(values.of("shake-seed")) * 3;
    placement.x += (amount + values.of("shake-across")) * wander(changes, seed + 1);
    placement.y += (amount + values.of("shake-up")) * wander(changes, seed + 2);
    placement.rotation +=
        (values.of("shake-swing") * amount / 45 + values.of("shake-turn")) * wander(changes, seed + 3);
}

} // namespace

const EffectRow shake_effect{
    .id = "shake",
    .label = "Shake",
    .parameters = own,
    .usual_lead = "starts with the hit: none",
    .place = place,
    .rate = "shake-rate",
    .amounts = 4,
};

} // namespace pulsepin
