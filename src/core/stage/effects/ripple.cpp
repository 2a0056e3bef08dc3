// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "ripple",
     .label = "ripple",
     .unit = "px",
     .least = 0,
     .most = 400,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 14},
    {.id = "ripple-length",
     .label = "ripple length",
     .unit = "px",
     .least = 4,
     .most = 4000,
     .initial = 120,
     .usual_low = 80,
     .usual_high = 200},
    {.id = "ripple-rate",
     .label = "ripple rate",
     .unit = "a second",
     .least = -60,
     .most = 60,
     .initial = 1,
     .usual_low = 1,
     .usual_high = 3},
};

} // namespace

const EffectRow ripple_effect{
    .id = "ripple",
    .label = "Ripple",
    .parameters = own,
    .usual_lead = "2 to 3 frames for eased moves",
    .rate = "ripple-rate",
    .changes_pixels = true,
};

} // namespace pulsepin
