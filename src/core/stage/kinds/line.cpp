// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/layer_kinds.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "colour", .label = "colour", .type = ParamType::Colour, .most = 0xffffff, .initial = 0xf4b331},
    {.id = "line-width",
     .label = "line width",
     .unit = "px",
     .least = 0,
     .most = 1000,
     .initial = 0,
     .explains = "0: as thick as a line usually is",
     .usual_low = 0,
     .usual_high = 12},
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
    {.id = "smooth",
     .label = "smooth",
     .type = ParamType::Switch,
     .most = 1,
     .initial = 1,
     .explains = "a curve through its points instead of straight stretches"},
    {.id = "inside",
     .label = "filled inside",
     .unit = "%",
     .least = 0,
     .most = 100,
     .initial = 0,
     .explains = "what it goes around",
     .usual_low = 0,
     .usual_high = 100},
};

} // namespace

ParamSpecs line_parameters() {
    return own;
}

} // namespace pulsepin
