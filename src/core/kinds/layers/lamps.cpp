// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/layer_kinds.h"
#include "kinds/layers/shared_rows.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    colour_row, // of dark lamps
    {.id = "lamps-of",
     .label = "lamps of",
     .type = ParamType::Text,
     .explains = "a group of the plan, by its name; empty: all lamps"},
    {.id = "lamps-size",
     .label = "size",
     .unit = "px",
     .least = 1,
     .most = 1000,
     .initial = 14,
     .usual_low = 8,
     .usual_high = 24},
    {.id = "lamps-glow",
     .label = "glow",
     .unit = "px",
     .least = 0,
     .most = 4000,
     .initial = 60,
     .explains = "how far their light is seen around them",
     .usual_low = 20,
     .usual_high = 120},
    {.id = "lamps-spread",
     .label = "spread",
     .unit = "%",
     .least = 0,
     .most = 1000,
     .initial = 100,
     .explains = "of the plan's places over the picture",
     .usual_low = 50,
     .usual_high = 100},
};

constexpr LayerKindRow row{.id = "lamps",
                           .label = "Lamps",
                           .parameters = own,
                           .added_as = "Lamps of the plan",
                           .begin = [](Layer& layer) { layer.colour = {0x3a4254}; },
                           .more_fields = fields_of_colour,
                           .drawn = true};

} // namespace

constinit const LayerKind layers::lamps{row};

} // namespace pulsepin
