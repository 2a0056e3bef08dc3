// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "edges",
     .label = "edge lines",
     .unit = "%",
     .least = 0,
     .most = 100,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 100},
    {.id = "edges-gain",
     .label = "edge strength",
     .unit = "%",
     .least = 10,
     .most = 1000,
     .initial = 200,
     .usual_low = 100,
     .usual_high = 400},
    {.id = "edges-colour",
     .label = "edge colour",
     .type = ParamType::Colour,
     .most = 0xffffff,
     .initial = 16777215},
};

} // namespace

const EffectRow edges_effect{
    .id = "edges",
    .label = "Edge lines",
    .parameters = own,
    .usual_lead = "none: it starts on the beat",
    .coloured = true,
    .changes_pixels = true,
};

} // namespace pulsepin
