// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "shift",
     .label = "RGB split",
     .unit = "px",
     .least = -400,
     .most = 400,
     .initial = 0,
     .explains = "red one way, blue the other",
     .usual_low = 0,
     .usual_high = 12},
    {.id = "shift-angle",
     .label = "shift along",
     .unit = "°",
     .least = -3600,
     .most = 3600,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 90},
};

} // namespace

const EffectRow shift_effect{
    .id = "shift",
    .label = "RGB split",
    .parameters = own,
    .usual_lead = "none: it starts on the beat",
    .changes_pixels = true,
};

} // namespace pulsepin
