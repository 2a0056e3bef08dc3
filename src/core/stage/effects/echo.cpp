// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "echo",
     .label = "echo",
     .unit = "%",
     .least = 0,
     .most = 100,
     .initial = 0,
     .explains = "how strongly the frames that have been are seen",
     .usual_low = 0,
     .usual_high = 60},
    {.id = "echo-count",
     .label = "echoes",
     .type = ParamType::Whole,
     .least = 1,
     .most = 24,
     .initial = 4,
     .usual_low = 2,
     .usual_high = 8},
    {.id = "echo-step",
     .label = "echo step",
     .type = ParamType::Whole,
     .unit = "frames",
     .least = 1,
     .most = 48,
     .initial = 3,
     .usual_low = 2,
     .usual_high = 6},
    {.id = "echo-falls",
     .label = "echo falls",
     .unit = "%",
     .least = 0,
     .most = 100,
     .initial = 30,
     .explains = "from each echo to the one before it",
     .usual_low = 10,
     .usual_high = 50},
};

} // namespace

const EffectRow echo_effect{
    .id = "echo",
    .label = "Echo",
    .parameters = own,
    .usual_lead = "none: it starts on the beat",
    .changes_pixels = true,
    .of_earlier_frames = true,
};

} // namespace pulsepin
