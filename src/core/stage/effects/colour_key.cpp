// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "key-out",
     .label = "colour key",
     .unit = "%",
     .least = 0,
     .most = 100,
     .initial = 0,
     .explains = "how far what has the key's colour is taken out",
     .usual_low = 0,
     .usual_high = 100},
    // The green of painted backgrounds (common practice).
    {.id = "key-out-colour",
     .label = "key colour",
     .type = ParamType::Colour,
     .most = 0xffffff,
     .initial = 0x00b140},
    {.id = "key-out-range",
     .label = "range",
     .unit = "%",
     .least = 0,
     .most = 100,
     .initial = 30,
     .explains = "how unlike the key's a colour may be and still goes, whatever its brightness",
     .usual_low = 20,
     .usual_high = 45},
    {.id = "key-out-soft",
     .label = "softness",
     .unit = "%",
     .least = 0,
     .most = 100,
     .initial = 15,
     .usual_low = 5,
     .usual_high = 30},
    {.id = "key-out-spill",
     .label = "spill taken away",
     .unit = "%",
     .least = 0,
     .most = 100,
     .initial = 80,
     .explains = "the key's colour where it shines on what stays",
     .usual_low = 0,
     .usual_high = 100},
};

} // namespace

const EffectRow colour_key_effect{
    .id = "key-out",
    .label = "Colour key",
    .parameters = own,
    .usual_lead = "none",
    .changes_pixels = true,
};

} // namespace pulsepin
