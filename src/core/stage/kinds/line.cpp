// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/kinds/shared_rows.h"
#include "stage/layer_kinds.h"

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

} // namespace

ParamSpecs line_parameters() {
    return own;
}

} // namespace pulsepin
