// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <optional>

namespace pulsepin {

/// What of a sound is dragged to trim or fade it.
enum class SoundEdge { Start, End, FadeIn, FadeOut };

/// The sound as it is after an edge was dragged by so much; within what its file holds (`available`, none if
/// that is not known). Trimming the start moves where it begins as well, by the returned time.
struct TrimmedSound {
    SoundBody body;
    Seconds start_moved;
};
[[nodiscard]] TrimmedSound trimmed(const SoundBody& body, SoundEdge edge, Seconds by,
                                   std::optional<Seconds> available);

/// The same of a sound in the project. What is heard stays where it is; one that hangs on the grid is tied to
/// the beat nearest to its new start. Fails for what is no sound.
[[nodiscard]] Result<Project> with_sound_trimmed(const Project& project, PinId sound, SoundEdge edge,
                                                 Seconds by, std::optional<Seconds> available);

} // namespace pulsepin
