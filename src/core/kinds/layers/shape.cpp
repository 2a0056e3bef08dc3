// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/layer_kinds.h"
#include "kinds/layers/shared_rows.h"

namespace pulsepin {
namespace {

constexpr ParamChoice gradients[] = {
    {"none", "none"}, {"straight", "straight"}, {"round", "from the middle"}};

constexpr ParamSpec own[] = {
    colour_row,
    {.id = "fill",
     .label = "filled",
     .unit = "%",
     .least = 0,
     .most = 100,
     .initial = 100,
     .usual_low = 0,
     .usual_high = 100},
    {.id = "line-width",
     .label = "line width",
     .unit = "px",
     .least = 0,
     .most = 1000,
     .explains = "0: no line",
     .usual_high = 12},
    {.id = "line-colour",
     .label = "line colour",
     .type = ParamType::Colour,
     .most = 0xffffff,
     .initial = 0xf7f1e1},
    dash_row,
    gap_row,
    drawn_row,
    {.id = "corners",
     .label = "corners",
     .unit = "px",
     .least = 0,
     .most = 2000,
     .initial = 0,
     .explains = "how round they are",
     .usual_low = 0,
     .usual_high = 40},
    {.id = "gradient", .label = "gradient", .type = ParamType::Choice, .choices = gradients},
    {.id = "gradient-colour",
     .label = "gradient to",
     .type = ParamType::Colour,
     .most = 0xffffff,
     .initial = 0xc4472b},
    {.id = "gradient-angle",
     .label = "gradient angle",
     .unit = "°",
     .least = -3600,
     .most = 3600,
     .initial = 90,
     .usual_low = 0,
     .usual_high = 360},
};

constexpr LayerKindRow row{.id = "shape",
                           .label = "Shape",
                           .parameters = own,
                           .more_fields =
                               [](Fields& f, Layer& layer) {
                                   f.text("shape", layer.shape);
                                   f.colour("colour", layer.colour);
                               },
                           .drawn = true};

} // namespace

constinit const LayerKind layers::shape{row};

} // namespace pulsepin
