// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {"exposure", "exposure", ParamType::Number, "stops", -8, 8, 0, {}, {}, {}, 0, 1.5}};

} // namespace

const EffectRow exposure_effect{"exposure", "Exposure", own, "2 to 3 frames for eased moves"};

} // namespace pulsepin
