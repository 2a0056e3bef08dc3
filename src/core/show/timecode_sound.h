// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/progress.h"
#include "media/sample_store.h"
#include "model/project.h"

namespace pulsepin {

/// Linear timecode over the length of a piece, 00:00:00:00 at the song's start, as the piece's frame rate is
/// counted (timecode_rate()). Fails where there is no length, when cancelled, and when the disk is full.
[[nodiscard]] Result<std::shared_ptr<const SampleStore>> timecode_sound(const Project& project,
                                                                        const Progress& progress = {});

} // namespace pulsepin
