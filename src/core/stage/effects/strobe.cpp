// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

#include <cmath>

namespace pulsepin {
namespace {

// Three flashes a second are the most that is safe for everybody (WCAG 2.x, 2.3.1); more is possible, and
// told.
constexpr ParamSpec own[] = {
    {"strobe", "strobe", ParamType::Number, "%", 0, 100, 0, {}, {}, {}, 0, 100},
    {"strobe-rate", "strobe rate", ParamType::Number, "a second", 0.1, 30, 2.5, {}, {}, {}, 1, 3},
    {.id = "strobe-colour",
     .label = "strobe colour",
     .type = ParamType::Colour,
     .most = 0xffffff,
     .initial = 0xffffff},
};

/// Seen for one half of each turn, dark for the other.
void place(Placement& placement, const EffectValues& values, double seconds) {
    const double turns = values.turns("strobe-rate", seconds);
    if (turns - std::floor(turns + 1e-9) >= 0.5 - 1e-9)
        placement.opacity *= 1 - values.of("strobe") / 100;
}

} // namespace

const EffectRow strobe_effect{
    .id = "strobe",
    .label = "Strobe",
    .parameters = own,
    .usual_lead = "none: it starts on the beat",
    .place = place,
    .rate = "strobe-rate",
    .coloured = true,
    .changes_pixels = true,
};

} // namespace pulsepin
