// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "posterise",
     .label = "posterise",
     .unit = "%",
     .least = 0,
     .most = 100,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 100},
    {.id = "posterise-steps",
     .label = "steps",
     .type = ParamType::Whole,
     .least = 2,
     .most = 32,
     .initial = 4,
     .usual_low = 8,
     .usual_high = 3},
};

} // namespace

const EffectRow posterise_effect{
    .id = "posterise",
    .label = "Posterise",
    .parameters = own,
    .usual_lead = "2 to 3 frames for eased moves",
    .changes_pixels = true,
};

} // namespace pulsepin
