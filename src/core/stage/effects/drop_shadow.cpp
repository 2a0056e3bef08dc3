// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "drop-shadow",
     .label = "drop shadow",
     .unit = "%",
     .least = 0,
     .most = 100,
     .initial = 0,
     .explains = "of all that is not transparent in it: a cut-out throws one of its own shape",
     .usual_low = 0,
     .usual_high = 60},
    {.id = "drop-shadow-x",
     .label = "shadow right",
     .unit = "px",
     .least = -2000,
     .most = 2000,
     .initial = 12,
     .usual_low = 0,
     .usual_high = 24},
    {.id = "drop-shadow-y",
     .label = "shadow down",
     .unit = "px",
     .least = -2000,
     .most = 2000,
     .initial = 14,
     .usual_low = 0,
     .usual_high = 24},
    {.id = "drop-shadow-size",
     .label = "shadow softness",
     .unit = "px",
     .least = 0,
     .most = 500,
     .initial = 10,
     .usual_low = 2,
     .usual_high = 24},
    {.id = "drop-shadow-colour",
     .label = "shadow colour",
     .type = ParamType::Colour,
     .most = 0xffffff,
     .initial = 0x000000},
};

} // namespace

const EffectRow drop_shadow_effect{
    .id = "drop-shadow",
    .label = "Drop shadow",
    .parameters = own,
    .usual_lead = "none",
    .changes_pixels = true,
};

} // namespace pulsepin
