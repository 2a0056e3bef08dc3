// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/effects.h"

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {{"flash", "flash", ParamType::Number, "%", 0, 100, 0, {}, {}, {}, 0, 80}};

} // namespace

const EffectRow flash_effect{"flash", "Flash", own, "none: it starts on the beat", nullptr, {}, true};

} // namespace pulsepin
