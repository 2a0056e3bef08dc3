// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "saturation",
     .label = "saturation",
     .unit = "%",
     .least = -100,
     .most = 300,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 80},
};

} // namespace

const EffectRow saturation_effect{
    .id = "saturation",
    .label = "Saturation",
    .parameters = own,
    .usual_lead = "2 to 3 frames for eased moves",
    .changes_pixels = true,
};

} // namespace pulsepin
