// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "grain",
     .label = "grain",
     .unit = "%",
     .least = 0,
     .most = 200,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 30},
    {.id = "grain-size",
     .label = "grain size",
     .unit = "px",
     .least = 1,
     .most = 20,
     .initial = 2,
     .usual_low = 1,
     .usual_high = 4},
    {.id = "grain-rate",
     .label = "grain rate",
     .unit = "a second",
     .least = 0,
     .most = 60,
     .initial = 24,
     .explains = "how often a second another grain is seen",
     .usual_low = 12,
     .usual_high = 24},
    {.id = "grain-seed",
     .label = "grain seed",
     .type = ParamType::Whole,
     .least = 0,
     .most = 9999,
     .initial = 1,
     .usual_low = 1,
     .usual_high = 2},
};

} // namespace

const EffectRow grain_effect{
    .id = "grain",
    .label = "Grain",
    .parameters = own,
    .usual_lead = "none: it starts on the beat",
    .rate = "grain-rate",
    .changes_pixels = true,
};

} // namespace pulsepin
