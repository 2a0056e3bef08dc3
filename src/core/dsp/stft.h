// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "dsp/filterbank.h"
#include "dsp/real_fft.h"

#include <span>
#include <vector>

namespace pulsepin {

/// A table of frames by bands, row after row.
struct BandFrames {
    std::size_t bands = 0;
    double frames_per_second = 0;
    std::vector<float> values;

    [[nodiscard]] std::size_t frames() const { return bands == 0 ? 0 : values.size() / bands; }
    [[nodiscard]] std::span<const float> frame(std::size_t i) const {
        return {values.data() + i * bands, bands};
    }
    [[nodiscard]] std::span<float> frame(std::size_t i) { return {values.data() + i * bands, bands}; }
};

/// Turns windows of samples into log10(1 + compression * magnitude) per band.
/// The window is Hann; magnitudes are scaled by 2/sum(window), so that a full-scale sine reads 1.
class LogBandSpectrum {
public:
    LogBandSpectrum(std::size_t window_length, double sample_rate, FilterbankShape shape, float compression);
    LogBandSpectrum(std::size_t window_length, double sample_rate, EvenBands shape, float compression);

    [[nodiscard]] std::size_t bands() const { return filterbank_.bands(); }
    [[nodiscard]] std::size_t window_length() const { return window_.size(); }
    [[nodiscard]] double centre_hz(std::size_t band) const { return filterbank_.centre_hz(band); }

    /// The window is centred on samples[centre]; what lies outside of samples counts as silence.
    void at(std::span<const float> samples, std::ptrdiff_t centre, float gain, std::span<float> out);

    /// What the last call to at() saw, bin by bin, before the bands: for functions that look at phase or
    /// energy.
    [[nodiscard]] std::span<const std::complex<float>> bins() const { return last_; }
    [[nodiscard]] std::span<const float> magnitudes() const { return magnitudes_; }

private:
    LogBandSpectrum(std::size_t window_length, Filterbank filterbank, float compression);
    RealFft fft_;
    std::span<const std::complex<float>> last_;
    std::vector<float> window_;
    Filterbank filterbank_;
    std::vector<float> magnitudes_;
    float compression_;
};

/// The power of two nearest to `length_at_44100` scaled to the sample rate: windows of the same duration.
[[nodiscard]] std::size_t window_for_rate(std::size_t length_at_44100, double sample_rate);

} // namespace pulsepin
