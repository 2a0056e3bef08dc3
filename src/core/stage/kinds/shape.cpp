// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/layer_kinds.h"

namespace pulsepin {
namespace {

constexpr ParamChoice gradients[] = {
    {"none", "none"}, {"straight", "straight"}, {"round", "from the middle"}};

constexpr ParamSpec own[] = {
    {.id = "colour", .label = "colour", .type = ParamType::Colour, .most = 0xffffff, .initial = 0xf4b331},
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
     .initial = 0,
     .explains = "0: no line",
     .usual_low = 0,
     .usual_high = 12},
    {.id = "line-colour",
     .label = "line colour",
     .type = ParamType::Colour,
     .most = 0xffffff,
     .initial = 0xf7f1e1},
    {.id = "dash",
     .label = "dash",
     .unit = "px",
     .least = 0,
     .most = 2000,
     .initial = 0,
     .explains = "0: without gaps",
     .usual_low = 0,
     .usual_high = 24},
    {.id = "gap",
     .label = "gap",
     .unit = "px",
     .least = 0,
     .most = 2000,
     .initial = 12,
     .usual_low = 6,
     .usual_high = 24},
    {.id = "drawn",
     .label = "drawn so far",
     .unit = "%",
     .least = 0,
     .most = 100,
     .initial = 100,
     .usual_low = 0,
     .usual_high = 100},
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

} // namespace

ParamSpecs shape_parameters() {
    return own;
}

} // namespace pulsepin
