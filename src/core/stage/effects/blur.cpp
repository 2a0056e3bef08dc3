// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "blur",
     .label = "blur",
     .unit = "px",
     .least = 0,
     .most = 400,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 12},
};

} // namespace

const EffectRow blur_effect{
    .id = "blur",
    .label = "Blur",
    .parameters = own,
    .usual_lead = "2 to 3 frames for eased moves",
    .changes_pixels = true,
};

} // namespace pulsepin
