// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "tint",
     .label = "tint",
     .unit = "%",
     .least = 0,
     .most = 100,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 60},
    {.id = "tint-hue",
     .label = "tint hue",
     .unit = "°",
     .least = 0,
     .most = 360,
     .initial = 35,
     .usual_low = 20,
     .usual_high = 60},
};

} // namespace

const EffectRow tint_effect{
    .id = "tint",
    .label = "Tint",
    .parameters = own,
    .usual_lead = "2 to 3 frames for eased moves",
    .coloured = true,
    .changes_pixels = true,
};

} // namespace pulsepin
