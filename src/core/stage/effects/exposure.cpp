// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "exposure",
     .label = "exposure",
     .unit = "stops",
     .least = -8,
     .most = 8,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 1.5},
};

} // namespace

const EffectRow exposure_effect{
    .id = "exposure",
    .label = "Exposure",
    .parameters = own,
    .usual_lead = "2 to 3 frames for eased moves",
    .changes_pixels = true,
};

} // namespace pulsepin
