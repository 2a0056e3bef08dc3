// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "flash",
     .label = "flash",
     .unit = "%",
     .least = 0,
     .most = 100,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 80},
    {.id = "flash-colour",
     .label = "flash colour",
     .type = ParamType::Colour,
     .most = 0xffffff,
     .initial = 16777215},
};

} // namespace

const EffectRow flash_effect{
    .id = "flash",
    .label = "Flash",
    .parameters = own,
    .usual_lead = "none: it starts on the beat",
    .coloured = true,
    .changes_pixels = true,
};

} // namespace pulsepin
