// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "sharpen",
     .label = "sharpen",
     .unit = "%",
     .least = 0,
     .most = 500,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 120},
    {.id = "sharpen-size",
     .label = "sharpen size",
     .unit = "px",
     .least = 0.5,
     .most = 50,
     .initial = 2,
     .usual_low = 2,
     .usual_high = 6},
};

} // namespace

const EffectRow sharpen_effect{
    .id = "sharpen",
    .label = "Sharpen",
    .parameters = own,
    .usual_lead = "2 to 3 frames for eased moves",
    .changes_pixels = true,
};

} // namespace pulsepin
