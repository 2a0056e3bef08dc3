// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/schedule.h"

namespace pulsepin {

/// One stretch of sound as it is heard beside the song.
struct SoundPart {
    PinId pin;
    Seconds start;
    SoundBody body;
    friend bool operator==(const SoundPart&, const SoundPart&) = default;
};

/// The stretches of all sound lanes that are heard: muted lanes are left out, and all but solo ones where
/// there are any. In the order of lanes and times.
[[nodiscard]] std::vector<SoundPart> heard_parts(const Schedule& schedule);

/// Those of one lane, whether it is heard or not.
[[nodiscard]] std::vector<SoundPart> parts_of_lane(const Schedule& schedule, LaneId lane);

/// Whether the song itself is heard: it is not while it is muted, or lanes beside it play solo.
[[nodiscard]] bool song_is_heard(const Project& project);

} // namespace pulsepin
