// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/layer_kinds.h"
#include "kinds/layers/shared_rows.h"

namespace pulsepin {
namespace {

constexpr ParamChoice layouts[] = {
    {"line", "on a line"}, {"mirrored", "up and down from a line"}, {"round", "around a circle"}};

constexpr ParamSpec own[] = {
    colour_row,
    {.id = "gradient-colour",
     .label = "colour of the last",
     .type = ParamType::Colour,
     .most = 0xffffff,
     .initial = 0xc4472b},
    {.id = "bars",
     .label = "reveal height",
     .unit = "%",
     .least = 0,
     .most = 400,
     .initial = 0,
     .explains = "what the lane of a spectrum drives; each bar by its band",
     .usual_low = 0,
     .usual_high = 100},
    {.id = "bars-count",
     .label = "bars",
     .type = ParamType::Whole,
     .least = 2,
     .most = 64,
     .initial = 12,
     .explains = "as many as the spectrum has bands, while it has",
     .usual_low = 8,
     .usual_high = 24},
    {.id = "bars-length",
     .label = "length",
     .unit = "px",
     .least = 10,
     .most = 20000,
     .initial = 720,
     .explains = "of all of them",
     .usual_low = 400,
     .usual_high = 900},
    {.id = "bars-height",
     .label = "height of a bar",
     .unit = "px",
     .least = 1,
     .most = 10000,
     .initial = 200,
     .explains = "at 100 %",
     .usual_low = 100,
     .usual_high = 300},
    {.id = "bars-least",
     .label = "least height",
     .unit = "px",
     .least = 0,
     .most = 1000,
     .initial = 4,
     .usual_low = 2,
     .usual_high = 10},
    {.id = "bars-gap",
     .label = "gap",
     .unit = "%",
     .least = 0,
     .most = 95,
     .initial = 30,
     .explains = "of a bar's place",
     .usual_low = 10,
     .usual_high = 60},
    {.id = "bars-round",
     .label = "corners of bars",
     .unit = "px",
     .least = 0,
     .most = 500,
     .initial = 3,
     .usual_low = 0,
     .usual_high = 12},
    {.id = "bars-layout", .label = "laid out", .type = ParamType::Choice, .choices = layouts},
    {.id = "bars-radius",
     .label = "radius",
     .unit = "px",
     .least = 0,
     .most = 10000,
     .initial = 110,
     .explains = "of bars around a circle",
     .usual_low = 80,
     .usual_high = 200},
    {.id = "bars-turned",
     .label = "lowest in the middle",
     .type = ParamType::Switch,
     .most = 1,
     .initial = 0},
};

constexpr LayerKindRow row{
    .id = "bars", .label = "Spectrum", .parameters = own, .more_fields = fields_of_colour, .drawn = true};

} // namespace

constinit const LayerKind layers::bars{row};

} // namespace pulsepin
