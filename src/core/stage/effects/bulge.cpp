// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "bulge",
     .label = "bulge",
     .unit = "%",
     .least = -100,
     .most = 100,
     .initial = 0,
     .explains = "below 0 it pinches",
     .usual_low = 0,
     .usual_high = 40},
    {.id = "bulge-size",
     .label = "bulge size",
     .unit = "px",
     .least = 1,
     .most = 5000,
     .initial = 320,
     .usual_low = 200,
     .usual_high = 500},
    {.id = "bulge-x",
     .label = "bulge x",
     .unit = "px",
     .least = -10000,
     .most = 10000,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 200},
    {.id = "bulge-y",
     .label = "bulge y",
     .unit = "px",
     .least = -10000,
     .most = 10000,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 200},
};

} // namespace

const EffectRow bulge_effect{
    .id = "bulge",
    .label = "Bulge",
    .parameters = own,
    .usual_lead = "2 to 3 frames for eased moves",
    .changes_pixels = true,
};

} // namespace pulsepin
