// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamChoice halves[] = {
    {"left", "left"}, {"right", "right"}, {"top", "upper"}, {"bottom", "lower"}};

constexpr ParamSpec own[] = {
    {.id = "mirror",
     .label = "mirror",
     .unit = "%",
     .least = 0,
     .most = 100,
     .initial = 0,
     .usual_low = 0,
     .usual_high = 100},
    {.id = "mirror-from", .label = "mirrored half", .type = ParamType::Choice, .choices = halves},
};

} // namespace

const EffectRow mirror_effect{
    .id = "mirror",
    .label = "Mirror",
    .parameters = own,
    .usual_lead = "none: it starts on the beat",
    .changes_pixels = true,
};

} // namespace pulsepin
