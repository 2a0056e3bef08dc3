// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "flare",
     .label = "flare",
     .unit = "%",
     .least = 0,
     .most = 200,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 100},
    {.id = "flare-x",
     .label = "flare x",
     .unit = "px",
     .least = -10000,
     .most = 10000,
     .initial = -320,
     .usual_low = -400,
     .usual_high = 400},
    {.id = "flare-y",
     .label = "flare y",
     .unit = "px",
     .least = -10000,
     .most = 10000,
     .initial = -180,
     .usual_low = -200,
     .usual_high = 200},
    {.id = "flare-size",
     .label = "flare size",
     .unit = "px",
     .least = 1,
     .most = 4000,
     .initial = 260,
     .usual_low = 160,
     .usual_high = 360},
    {.id = "flare-colour",
     .label = "flare colour",
     .type = ParamType::Colour,
     .most = 0xffffff,
     .initial = 16769710},
};

} // namespace

const EffectRow flare_effect{
    .id = "flare",
    .label = "Flare",
    .parameters = own,
    .usual_lead = "2 to 3 frames for eased moves",
    .coloured = true,
    .changes_pixels = true,
};

} // namespace pulsepin
