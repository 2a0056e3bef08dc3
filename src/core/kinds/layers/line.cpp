// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/layer_kinds.h"
#include "kinds/layers/shared_rows.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    colour_row,
    line_width_row,
    dash_row,
    gap_row,
    drawn_row,
    {.id = "smooth",
     .label = "smooth",
     .type = ParamType::Switch,
     .most = 1,
     .initial = 1,
     .explains = "a curve through its points instead of straight stretches"},
    inside_row,
};

void fields_of(Fields& f, LinePoint& point) {
    f.number("x", point.x, limits::value);
    f.number("y", point.y, limits::value);
    f.number("width", point.width, limits::value);
}

constexpr LayerKindRow row{.id = "line",
                           .label = "Line",
                           .parameters = own,
                           .more_fields =
                               [](Fields& f, Layer& layer) {
                                   f.colour("colour", layer.colour);
                                   f.items<LinePoint>(
                                       "points", "line-point", layer.points,
                                       [](Fields& p, LinePoint& point) { fields_of(p, point); },
                                       limits::line_points);
                               },
                           .drawn = true};

} // namespace

constinit const LayerKind layers::line{row};

} // namespace pulsepin
