// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "punch",
     .label = "punch",
     .unit = "%",
     .least = -90,
     .most = 900,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 15},
};

void place(Placement& placement, const EffectValues& values, double) {
    placement.scale *= 1 + values.of("punch") / 100;
}

} // namespace

const EffectRow punch_effect{
    .id = "punch",
    .label = "Punch",
    .parameters = own,
    .usual_lead = "none: it starts on the beat",
    .place = place,
};

} // namespace pulsepin
