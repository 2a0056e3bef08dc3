// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/feeds.h"

#include <map>
#include <string>

namespace pulsepin {

/// Values of a layer by the ids of their parameters.
using SeenValues = std::map<std::string, double>;

/// The layer is seen with those values at a frame. What nothing drives becomes the layer's own value; what
/// single keys drive gets a key at the frame, or another value where there is one; of what a pulse or a
/// follower drives, the range is moved. Fails for a layer that is not there, and where all lanes that drive
/// it are locked.
[[nodiscard]] Result<Project> with_seen_values(const Curves& curves, LayerId layer, const SeenValues& wanted,
                                               Frames frame);

/// The frame on which a key or pose of the layer acts whose moment lies in that frame: it may be the next
/// one, by the rounding of the project. The frame itself where there is none.
[[nodiscard]] Frames keyed_frame(const Curves& curves, LayerId layer, Frames frame);

} // namespace pulsepin
