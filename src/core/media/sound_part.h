// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/load_sound.h"

namespace pulsepin {

/// A part of a sound that can be heard and listened to by itself.
struct SoundPartSpec {
    std::string part = "whole";       ///< "whole", "percussive", "harmonic", "residual", "vocal"
    std::string side = "both";        ///< "both", "left", "right", "middle", "sides"
    double from_hz = 0, until_hz = 0; ///< a band of it; 0: no limit
    friend auto operator<=>(const SoundPartSpec&, const SoundPartSpec&) = default;
    [[nodiscard]] bool is_all() const { return *this == SoundPartSpec{}; }
};

/// The limits of the vocal band: what singing and speech are understood by (200 Hz to 4 kHz, common
/// practice).
inline constexpr double vocal_from_hz = 200, vocal_until_hz = 4000;

/// The part as a sound of its own, as long as the whole, with nothing moved in time. One side is a sound of
/// one channel: middle is half the sum of left and right, sides half their difference. What is percussive,
/// harmonic and neither add up to the whole (dsp/harmonic_percussive.h); bands are cut in both directions
/// (Butterworth of fourth order twice). Works on all cores. Fails when cancelled or the disk is full.
[[nodiscard]] Result<LoadedSound> sound_part(const SampleStore& sound, const SoundPartSpec& spec,
                                             const Progress& progress = {});

/// "percussive of middle, 30 to 110 Hz": tells parts of one sound apart, as a key for keeping them.
[[nodiscard]] std::string key_of(const SoundPartSpec& spec);

} // namespace pulsepin
