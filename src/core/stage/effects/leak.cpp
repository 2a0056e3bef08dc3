// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "leak",
     .label = "light leak",
     .unit = "%",
     .least = 0,
     .most = 200,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 80},
    {.id = "leak-rate",
     .label = "leak rate",
     .unit = "a second",
     .least = -10,
     .most = 10,
     .initial = 0.15,
     .explains = "how often a second it wanders over the picture",
     .usual_low = 0.1,
     .usual_high = 0.4},
    {.id = "leak-colour",
     .label = "leak colour",
     .type = ParamType::Colour,
     .most = 0xffffff,
     .initial = 16742972},
};

} // namespace

const EffectRow leak_effect{
    .id = "leak",
    .label = "Light leak",
    .parameters = own,
    .usual_lead = "15 to 20 frames for what builds slowly",
    .rate = "leak-rate",
    .coloured = true,
    .changes_pixels = true,
};

} // namespace pulsepin
