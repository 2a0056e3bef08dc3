// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {"glow", "glow", ParamType::Number, "%", 0, 400, 0, {}, {}, {}, 0, 80},
    {"glow-limit", "glow limit", ParamType::Number, "%", 0, 100, 60, {}, {}, {}, 100, 20},
    {"glow-size", "glow size", ParamType::Number, "px", 0, 400, 18, {}, {}, {}, 8, 40},
};

} // namespace

const EffectRow glow_effect{"glow", "Glow", own, "15 to 20 frames for what builds slowly", nullptr, {}, true};

} // namespace pulsepin
