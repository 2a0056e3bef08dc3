// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/load_sound.h"

namespace pulsepin {

/// What is struck, what goes on, and what is neither: as sound_part() takes them out, but that drums are
/// known by their strokes and by how they sound in this very song (drum_strokes.h), so that kicks are no
/// bass. What no drum explains goes by the medians of dsp/harmonic_percussive.h; so does all of a sound in
/// which no drums are heard. The three parts add up to the whole.
///
/// part: "percussive", "harmonic" or "residual"; side as in SoundPartSpec. As long as the whole, with nothing
/// moved in time. Works on all cores. Fails when cancelled or the disk is full.
[[nodiscard]] Result<LoadedSound> part_by_drums(const SampleStore& sound, const std::string& part,
                                                const std::string& side, const Progress& progress = {});

} // namespace pulsepin
