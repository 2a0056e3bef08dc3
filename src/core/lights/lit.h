// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/feeds.h"
#include "schedule/lights.h"

namespace pulsepin {

/// How each lamp of the rig is lit at a frame, by its place in Rig::fixtures: what all lanes of lights do to
/// it, the dimmer included. Within a lane the highest or the latest counts, between lanes the highest of each
/// colour (common practice). Frames may be parts of one.
[[nodiscard]] std::vector<Lit> lit_at(const Curves& curves, double frame);

/// The frames where lamps begin to be lit or are no longer, rising, each once.
[[nodiscard]] std::vector<Frames> light_changes(const Schedule& schedule);

} // namespace pulsepin
