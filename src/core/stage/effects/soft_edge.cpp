// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "soft-edge",
     .label = "soft edge",
     .unit = "px",
     .least = 0,
     .most = 500,
     .initial = 0,
     .explains = "inwards, over such a width, from where the picture ends or is cut out",
     .usual_low = 0,
     .usual_high = 12},
    {.id = "soft-edge-choke",
     .label = "cut inwards",
     .unit = "px",
     .least = 0,
     .most = 100,
     .initial = 0,
     .explains = "so much of the edge is taken away first, as a fringe of the old background",
     .usual_low = 0,
     .usual_high = 4},
};

} // namespace

const EffectRow soft_edge_effect{
    .id = "soft-edge",
    .label = "Soft edge",
    .parameters = own,
    .usual_lead = "none",
    .amounts = 2,
    .changes_pixels = true,
};

} // namespace pulsepin
