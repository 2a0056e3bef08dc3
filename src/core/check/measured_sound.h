// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "check/checks.h"
#include "media/mix_down.h"

namespace pulsepin {

/// True peak and integrated loudness of what is heard (ITU-R BS.1770-4, by libebur128). Fails only when
/// cancelled or where there is nothing.
[[nodiscard]] Result<SoundFacts> measured_sound(const MixPlan& plan, const Progress& progress = {});

} // namespace pulsepin
