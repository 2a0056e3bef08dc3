// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/schedule.h"

#include <string>
#include <vector>

namespace pulsepin {

/// What a pin, or one lamp of a light, tells when it begins and when it ends.
struct ShowEvent {
    double at = 0;        ///< seconds of the song: the start of the frame that acts
    bool begins = true;   ///< else it ends
    std::size_t lane = 0; ///< of the project
    std::string name;     ///< the pin's, or the lamp's
    Frames frame;
    double strength = 100; ///< percent
};

/// All of a piece by their times; of lanes that are not muted, but for sounds and curves. Of one moment those
/// that end come first. What is but a moment has no end.
[[nodiscard]] std::vector<ShowEvent> show_events(const Schedule& schedule);

} // namespace pulsepin
