// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>
#include <cstdint>
#include <span>
#include <vector>

namespace pulsepin {

/// How a sound is taken apart into what goes on and what is struck.
struct SeparationShape {
    std::size_t window = 2048;     ///< samples, Hann
    std::size_t hop = 512;         ///< a quarter of the window
    std::size_t in_time = 19;      ///< frames over which medians are taken; odd
    std::size_t in_frequency = 21; ///< bins, likewise
    float factor = 2;              ///< so many times one has to exceed the other
};

/// A window of about 43 ms, medians over 200 ms and 500 Hz, a factor of 2: the values of Driedger, Mueller
/// and Disch, "Extending harmonic-percussive separation of audio signals" (ISMIR 2014), where one window is
/// used for both.
[[nodiscard]] SeparationShape separation_shape(double sample_rate);

enum class SoundKind : std::uint8_t { Residual, Harmonic, Percussive };

/// To what each bin belongs. What is a ridge in time is harmonic, what is a ridge in frequency percussive
/// (Fitzgerald 2010): with h and p the medians of the magnitudes along time and along frequency, a bin is
/// harmonic where h > factor * p, percussive where p >= factor * h and p > 0, and residual elsewhere
/// (Driedger 2014).
///
/// magnitudes: frames x bins. The first and last in_time / 2 frames are only looked at; the answer is of
/// those between them, frames x bins as well. Beyond the lowest and highest bin lies silence.
[[nodiscard]] std::vector<SoundKind> kinds_of_bins(std::span<const float> magnitudes, std::size_t bins,
                                                   const SeparationShape& shape);

/// The medians of each bin over `width` frames around each one; beyond the ends lies silence. frames x bins,
/// like the magnitudes. Neighbouring frames share three quarters of their samples: every second one is looked
/// at, and what lies between is between.
[[nodiscard]] std::vector<float> medians_in_time(std::span<const float> magnitudes, std::size_t bins,
                                                 std::size_t width);

} // namespace pulsepin
