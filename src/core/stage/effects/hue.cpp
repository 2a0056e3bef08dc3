// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "hue",
     .label = "hue",
     .unit = "°",
     .least = -3600,
     .most = 3600,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 180},
};

} // namespace

const EffectRow hue_effect{
    .id = "hue",
    .label = "Hue",
    .parameters = own,
    .usual_lead = "2 to 3 frames for eased moves",
    .changes_pixels = true,
};

} // namespace pulsepin
