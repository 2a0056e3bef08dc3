// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "glow",
     .label = "glow",
     .unit = "%",
     .least = 0,
     .most = 400,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 80},
    {.id = "glow-limit",
     .label = "glow limit",
     .unit = "%",
     .least = 0,
     .most = 100,
     .initial = 60,
     .usual_low = 100,
     .usual_high = 20},
    {.id = "glow-size",
     .label = "glow size",
     .unit = "px",
     .least = 0,
     .most = 400,
     .initial = 18,
     .usual_low = 8,
     .usual_high = 40},
};

} // namespace

const EffectRow glow_effect{
    .id = "glow",
    .label = "Glow",
    .parameters = own,
    .usual_lead = "15 to 20 frames for what builds slowly",
    .coloured = true,
    .changes_pixels = true,
};

} // namespace pulsepin
