// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "streak",
     .label = "directional blur",
     .unit = "px",
     .least = 0,
     .most = 1000,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 40},
    {.id = "streak-angle",
     .label = "along",
     .unit = "°",
     .least = -3600,
     .most = 3600,
     .initial = 0,
     .explains = "0 is sideways",
     .usual_low = 0,
     .usual_high = 90},
};

} // namespace

const EffectRow streak_effect{
    .id = "streak",
    .label = "Directional blur",
    .parameters = own,
    .usual_lead = "2 to 3 frames for eased moves",
    .changes_pixels = true,
};

} // namespace pulsepin
