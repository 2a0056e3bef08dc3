// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace pulsepin {

/// How the song is drawn. A matter of the view: the sound itself is never changed by it.
struct SongLook {
    enum class Channels { Sum, LeftAndRight };
    enum class Under { OnlyBars, InSeconds, InTimecode, InFrames }; ///< what the ruler counts below the bars
    enum class Spectrum { Folded, Logarithmic, TwelveBands };

    double wave_height = 1; ///< magnifies the waveform
    Channels channels = Channels::Sum;
    bool wave_folded = false;
    Spectrum spectrum = Spectrum::TwelveBands;
    double brightness = 1; ///< of the spectrum
    Under under = Under::OnlyBars;
    bool thumbnails = true;  ///< of shots, in their lane
    bool gain_lines = false; ///< over all sounds, so that points can be added

    friend bool operator==(const SongLook&, const SongLook&) = default;
};

} // namespace pulsepin
