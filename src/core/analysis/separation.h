// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "dsp/stft.h"

#include <vector>

namespace pulsepin {

/// Levels of the percussive and of the harmonic part of a sound. What is a ridge in time is harmonic, what is
/// a ridge in frequency percussive: medians along either axis decide, and soft masks share out each band
/// (Fitzgerald 2010).
class Separation {
public:
    /// Appends one value a frame to either curve, delayed until the frames after it are known.
    void add(const BandFrames& spectra, std::vector<float>& percussive, std::vector<float>& harmonic);
    /// The frames that still wait.
    void finish(std::vector<float>& percussive, std::vector<float>& harmonic);

private:
    void work_off(std::size_t until, std::vector<float>& percussive, std::vector<float>& harmonic);
    std::size_t bands_ = 0;
    std::vector<float> kept_; ///< frames x bands, from `first_` on
    std::size_t first_ = 0, frames_ = 0, done_ = 0;
};

} // namespace pulsepin
