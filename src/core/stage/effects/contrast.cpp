// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "contrast",
     .label = "contrast",
     .unit = "%",
     .least = -100,
     .most = 300,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 60},
};

} // namespace

const EffectRow contrast_effect{
    .id = "contrast",
    .label = "Contrast",
    .parameters = own,
    .usual_lead = "2 to 3 frames for eased moves",
    .changes_pixels = true,
};

} // namespace pulsepin
