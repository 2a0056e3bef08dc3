// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/fields.h"
#include "model/stage.h"

namespace pulsepin {

// What several kinds of layers have in common.

inline constexpr ParamSpec colour_row{
    .id = "colour", .label = "colour", .type = ParamType::Colour, .most = 0xffffff, .initial = 0xf4b331};
inline constexpr ParamSpec line_width_row{.id = "line-width",
                                          .label = "line width",
                                          .unit = "px",
                                          .least = 0,
                                          .most = 1000,
                                          .initial = 0,
                                          .explains = "0: as thick as a line usually is",
                                          .usual_low = 0,
                                          .usual_high = 12};
inline constexpr ParamSpec dash_row{.id = "dash",
                                    .label = "dash",
                                    .unit = "px",
                                    .least = 0,
                                    .most = 2000,
                                    .initial = 0,
                                    .explains = "0: without gaps",
                                    .usual_low = 0,
                                    .usual_high = 24};
inline constexpr ParamSpec gap_row{.id = "gap",
                                   .label = "gap",
                                   .unit = "px",
                                   .least = 0,
                                   .most = 2000,
                                   .initial = 12,
                                   .usual_low = 6,
                                   .usual_high = 24};
inline constexpr ParamSpec drawn_row{.id = "drawn",
                                     .label = "draw-on",
                                     .unit = "%",
                                     .least = 0,
                                     .most = 100,
                                     .initial = 100,
                                     .usual_low = 0,
                                     .usual_high = 100};
inline constexpr ParamSpec inside_row{.id = "inside",
                                      .label = "filled inside",
                                      .unit = "%",
                                      .least = 0,
                                      .most = 100,
                                      .initial = 0,
                                      .explains = "what it goes around",
                                      .usual_low = 0,
                                      .usual_high = 100};

/// Files keep its colour and nothing else.
inline void fields_of_colour(Fields& f, Layer& layer) {
    f.colour("colour", layer.colour);
}

} // namespace pulsepin
