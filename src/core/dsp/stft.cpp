// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/stft.h"

#include "base/wide.h"
#include "dsp/fast_log.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <utility>

namespace pulsepin {
namespace {

PULSEPIN_WIDE void weigh(const float* samples, const float* window, float gain, std::size_t count,
                         float* out) {
    for (std::size_t i = 0; i < count; ++i)
        out[i] = samples[i] * window[i] * gain;
}

PULSEPIN_WIDE void sizes_of(const float* parts, std::size_t count, float* out) {
    for (std::size_t i = 0; i < count; ++i)
        out[i] = std::sqrt(parts[2 * i] * parts[2 * i] + parts[2 * i + 1] * parts[2 * i + 1]);
}

} // namespace

LogBandSpectrum::LogBandSpectrum(std::size_t window_length, double sample_rate, FilterbankShape shape,
                                 float compression)
    : LogBandSpectrum(window_length, Filterbank(shape, sample_rate, window_length), compression) {}

LogBandSpectrum::LogBandSpectrum(std::size_t window_length, double sample_rate, EvenBands shape,
                                 float compression)
    : LogBandSpectrum(window_length, Filterbank(shape, sample_rate, window_length), compression) {}

LogBandSpectrum::LogBandSpectrum(std::size_t window_length, Filterbank filterbank, float compression)
    : fft_(window_length), window_(hann_window(window_length)), filterbank_(std::move(filterbank)),
      magnitudes_(fft_.bins()), compression_(compression) {
    const float sum = std::accumulate(window_.begin(), window_.end(), 0.0f);
    for (float& w : window_)
        w *= 2.0f / sum;
}

void LogBandSpectrum::at(std::span<const float> samples, std::ptrdiff_t centre, float gain,
                         std::span<float> out) {
    const auto input = fft_.input();
    const auto length = static_cast<std::ptrdiff_t>(window_.size());
    const std::ptrdiff_t start = centre - length / 2;
    const auto available = static_cast<std::ptrdiff_t>(samples.size());
    const auto from = std::clamp<std::ptrdiff_t>(-start, 0, length);
    const auto until = std::clamp<std::ptrdiff_t>(available - start, from, length);
    std::fill(input.begin(), input.begin() + from, 0.0f);
    weigh(samples.data() + start + from, window_.data() + from, gain, static_cast<std::size_t>(until - from),
          input.data() + from);
    std::fill(input.begin() + until, input.end(), 0.0f);

    last_ = fft_.transform();
    sizes_of(reinterpret_cast<const float*>(last_.data()), magnitudes_.size(), magnitudes_.data());
    filterbank_.apply(magnitudes_, out);
    for (float& value : out)
        value = log10_of_one_and(compression_ * value);
}

std::size_t window_for_rate(std::size_t length_at_44100, double sample_rate) {
    const double wanted = static_cast<double>(length_at_44100) * sample_rate / 44100.0;
    return std::size_t{1} << static_cast<int>(std::max(4l, std::lround(std::log2(wanted))));
}

} // namespace pulsepin
