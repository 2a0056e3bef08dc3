// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {{"blur", "blur", ParamType::Number, "px", 0, 400, 0, {}, {}, {}, 0, 12}};

} // namespace

const EffectRow blur_effect{"blur", "Blur", own, "2 to 3 frames for eased moves"};

} // namespace pulsepin
