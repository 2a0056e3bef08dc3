// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/progress.h"
#include "dsp/decimator.h"
#include "dsp/stft.h"
#include "media/sample_store.h"

#include <complex>
#include <vector>

namespace pulsepin {

/// A stretch of a sound as spectra and levels. "Quick" spectra have short windows (23 ms) and come 200 times
/// a second, "slow" ones have long windows (93 ms) and come 100 times a second; both as log10(1 + 300
/// magnitude) by band.
struct FrontBlock {
    std::size_t frames = 0; ///< slow ones; there are twice as many quick ones
    BandFrames quick, slow;
    std::vector<float> energy;       ///< quick: energy of the spectrum
    std::vector<float> high_content; ///< quick: energy weighted by frequency (Masri 1996)
    std::vector<float> low_level; ///< quick: log magnitude of 40 to 150 Hz, where short windows tell no bands
    std::vector<float>
        complex_surprise; ///< slow: distance from the spectrum that steady sines would give (Bello 2004)
    std::vector<float> rms, peak; ///< slow: of the 10 ms from the frame on, gain applied
    std::vector<float> sharpness; ///< per millisecond: energy of the difference of neighbouring samples
};

/// Reads a sound from front to back in blocks of frames. Frame k is centred on k/100 s; the first that is
/// read is sounds_from().
class FrontEnd {
public:
    static constexpr double slow_rate = 100;
    static constexpr double quick_rate = 200;
    static constexpr std::size_t quick_bands = 54; ///< 150 Hz to 16.5 kHz, eight an octave
    static constexpr std::size_t slow_bands = 60;  ///< 30 Hz to 4.2 kHz, above eight an octave

    /// Levels are evened so that the 95th percentile of 50 ms RMS becomes 0.15.
    explicit FrontEnd(const SampleStore& sound);

    [[nodiscard]] std::size_t total_frames() const { return total_; }
    /// Frames are read from here on, and until there: where the sound is not silent, so that silence before
    /// and after it changes no frame. Both are even.
    [[nodiscard]] std::size_t sounds_from() const { return span_.from; }
    [[nodiscard]] std::size_t sounds_until() const { return span_.until; }
    [[nodiscard]] bool silent() const { return gain_ == 0; } ///< nothing above -70 dBFS
    [[nodiscard]] float gain() const { return gain_; }
    [[nodiscard]] static double quick_hz(std::size_t band);
    [[nodiscard]] static double slow_hz(std::size_t band);

    /// The next frames, `count` or as many as are left; none at the end.
    void next(std::size_t count, FrontBlock& out);

private:
    void read_samples(std::size_t count);
    void add_sharpness(std::size_t count, FrontBlock& out);
    void add_surprise(std::span<const std::complex<float>> bins, FrontBlock& out);

    const SampleStore& sound_;
    Decimator to_base_, to_low_;
    double base_rate_, low_rate_;
    LogBandSpectrum quick_, slow_;
    struct Span {
        std::size_t from = 0, until = 0; ///< frames
    };
    [[nodiscard]] static Span sounding_span(const SampleStore& sound, std::size_t total);
    std::size_t total_ = 0;
    Span span_;
    float gain_ = 0;
    std::size_t at_ = 0;
    std::int64_t origin_ = 0; ///< sample of the base rate that frame sounds_from() is centred on
    /// Counted from there, so that rounding falls out alike wherever it begins to sound.
    [[nodiscard]] double sounding_time(std::size_t frame) const {
        return static_cast<double>(frame - span_.from) / slow_rate;
    }
    std::int64_t base_start_ = 0,
                 low_start_ = 0; ///< where the two stretches below begin, in samples of their rates
    std::vector<float> raw_, base_, low_;
    float last_sample_ = 0;
    std::vector<std::complex<float>> before_, before_that_;
};

} // namespace pulsepin
