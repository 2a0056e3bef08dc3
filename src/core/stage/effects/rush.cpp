// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "rush",
     .label = "zoom blur",
     .unit = "%",
     .least = 0,
     .most = 100,
     .initial = 0,
     .explains = "how much larger the farthest of the pictures is that are laid over each other",
     .usual_low = 0,
     .usual_high = 20},
    {.id = "rush-x",
     .label = "towards x",
     .unit = "px",
     .least = -10000,
     .most = 10000,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 200},
    {.id = "rush-y",
     .label = "towards y",
     .unit = "px",
     .least = -10000,
     .most = 10000,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 200},
};

} // namespace

const EffectRow rush_effect{
    .id = "rush",
    .label = "Zoom blur",
    .parameters = own,
    .usual_lead = "2 to 3 frames for eased moves",
    .changes_pixels = true,
};

} // namespace pulsepin
