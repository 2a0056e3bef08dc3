// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "vignette",
     .label = "vignette",
     .unit = "%",
     .least = 0,
     .most = 100,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 70},
    {.id = "vignette-size",
     .label = "vignette size",
     .unit = "%",
     .least = 0,
     .most = 200,
     .initial = 70,
     .usual_low = 90,
     .usual_high = 50},
    {.id = "vignette-soft",
     .label = "vignette softness",
     .unit = "%",
     .least = 1,
     .most = 200,
     .initial = 60,
     .usual_low = 40,
     .usual_high = 100},
    {.id = "vignette-colour",
     .label = "vignette colour",
     .type = ParamType::Colour,
     .most = 0xffffff,
     .initial = 0},
};

} // namespace

const EffectRow vignette_effect{
    .id = "vignette",
    .label = "Vignette",
    .parameters = own,
    .usual_lead = "2 to 3 frames for eased moves",
    .changes_pixels = true,
};

} // namespace pulsepin
