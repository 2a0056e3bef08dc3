// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/feeds.h"

namespace pulsepin {

/// The piece by itself where it begins or ends elsewhere than the song: as if the song had been trimmed to
/// it, with its curves as they are. What is handed on counts from the piece's own start. As it is where it is
/// the song.
[[nodiscard]] Curves piece_alone(const Curves& curves);

} // namespace pulsepin
