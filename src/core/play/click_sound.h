// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/sample_store.h"
#include "play/click.h"

namespace pulsepin {

/// Clicks as a sound of two channels from 0 on, as loud as they are heard at full. Fails where the disk is
/// full.
[[nodiscard]] Result<std::shared_ptr<const SampleStore>>
click_sound(std::vector<Click> clicks, Samples length, std::int64_t sample_rate);

} // namespace pulsepin
