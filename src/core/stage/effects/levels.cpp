// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "levels-black",
     .label = "black from",
     .unit = "%",
     .least = 0,
     .most = 99,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 20},
    {.id = "levels-white",
     .label = "white from",
     .unit = "%",
     .least = 1,
     .most = 100,
     .initial = 100,
     .usual_low = 100,
     .usual_high = 70},
    {.id = "levels-middle",
     .label = "middle",
     .least = 0.1,
     .most = 10,
     .initial = 1,
     .explains = "the power that values between are raised to, inverted: above 1 they become lighter",
     .usual_low = 1,
     .usual_high = 2},
};

} // namespace

const EffectRow levels_effect{
    .id = "levels",
    .label = "Levels",
    .parameters = own,
    .usual_lead = "2 to 3 frames for eased moves",
    .amounts = 3,
    .changes_pixels = true,
};

} // namespace pulsepin
