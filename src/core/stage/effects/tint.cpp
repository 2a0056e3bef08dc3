// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {"tint", "tint", ParamType::Number, "%", 0, 100, 0, {}, {}, {}, 0, 60},
    {"tint-hue", "tint hue", ParamType::Number, "°", 0, 360, 35, {}, {}, {}, 20, 60},
};

} // namespace

const EffectRow tint_effect{"tint", "Tint", own, "2 to 3 frames for eased moves", nullptr, {}, true};

} // namespace pulsepin
