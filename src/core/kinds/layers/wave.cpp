// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/layer_kinds.h"
#include "kinds/layers/shared_rows.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    colour_row,
    {.id = "wave",
     .label = "reveal height",
     .unit = "%",
     .least = 0,
     .most = 400,
     .initial = 0,
     .explains = "what the lane of a level drives; its curve is drawn",
     .usual_low = 0,
     .usual_high = 100},
    {.id = "wave-length",
     .label = "length",
     .unit = "px",
     .least = 10,
     .most = 20000,
     .initial = 900,
     .usual_low = 600,
     .usual_high = 1200},
    {.id = "wave-height",
     .label = "height",
     .unit = "px",
     .least = 1,
     .most = 10000,
     .initial = 140,
     .explains = "at 100 %, to either side",
     .usual_low = 80,
     .usual_high = 240},
    {.id = "wave-seconds",
     .label = "seconds seen",
     .unit = "s",
     .least = 0.05,
     .most = 60,
     .initial = 2,
     .explains = "now lies in the middle",
     .usual_low = 1,
     .usual_high = 4},
    line_width_row,
    inside_row,
    {.id = "wave-mirrored",
     .label = "mirrored",
     .type = ParamType::Switch,
     .most = 1,
     .initial = 1,
     .explains = "drawn to both sides of its line"},
};

constexpr LayerKindRow row{
    .id = "wave", .label = "Waveform", .parameters = own, .more_fields = fields_of_colour, .drawn = true};

} // namespace

constinit const LayerKind layers::wave{row};

} // namespace pulsepin
