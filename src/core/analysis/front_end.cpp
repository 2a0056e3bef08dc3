// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/front_end.h"

#include "base/wide.h"
#include "dsp/fast_log.h"
#include "dsp/smoothing.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr float compression = 300;
constexpr float loudness_target = 0.15f;
constexpr float silence = 3.2e-4f; // -70 dBFS
constexpr EvenBands quick_shape{FrontEnd::quick_bands, 150, 16500};
constexpr EvenBands slow_shape{FrontEnd::slow_bands, 30, 4200};

double even_band_hz(const EvenBands& shape, std::size_t band) {
    return shape.lowest_hz * std::pow(shape.highest_hz / shape.lowest_hz,
                                      static_cast<double>(band + 1) / static_cast<double>(shape.count + 1));
}

constexpr std::size_t lanes = 8;

float sum_of(const float (&sums)[lanes]) {
    return ((sums[0] + sums[1]) + (sums[2] + sums[3])) + ((sums[4] + sums[5]) + (sums[6] + sums[7]));
}

struct SpectrumSums {
    float energy = 0, high = 0; ///< of the squares; of the squares, each times its number
};

PULSEPIN_WIDE SpectrumSums sums_of(const float* magnitudes, std::size_t count) {
    float energy[lanes] = {}, high[lanes] = {}, number[lanes] = {0, 1, 2, 3, 4, 5, 6, 7};
    std::size_t i = 0;
    for (; i + lanes <= count; i += lanes)
        for (std::size_t lane = 0; lane < lanes; ++lane) {
            const float square = magnitudes[i + lane] * magnitudes[i + lane];
            energy[lane] += square;
            high[lane] += number[lane] * square;
            number[lane] += static_cast<float>(lanes);
        }
    for (std::size_t lane = 0; i < count; ++i, ++lane) {
        const float square = magnitudes[i] * magnitudes[i];
        energy[lane] += square;
        high[lane] += number[lane] * square;
    }
    return {sum_of(energy), sum_of(high)};
}

/// Of the spectrum from the one that steady sines would give: each turns by the same angle again, so that the
/// next value is x1 * (x1 / x2), at the size of x1. All as pairs of real and imaginary parts; count: a
/// multiple of eight.
PULSEPIN_WIDE float distance_from_steady(const float* now, const float* one, const float* two,
                                         std::size_t count) {
    float sums[lanes] = {};
    for (std::size_t i = 0; i < count; i += lanes)
        for (std::size_t lane = 0; lane < lanes; ++lane) {
            const std::size_t re = 2 * (i + lane), im = re + 1;
            const float turn_re = one[re] * two[re] + one[im] * two[im];
            const float turn_im = one[im] * two[re] - one[re] * two[im];
            const float size = std::sqrt(turn_re * turn_re + turn_im * turn_im) + 1e-12f;
            const float d_re = now[re] - (one[re] * turn_re - one[im] * turn_im) / size;
            const float d_im = now[im] - (one[re] * turn_im + one[im] * turn_re) / size;
            sums[lane] += std::sqrt(d_re * d_re + d_im * d_im);
        }
    return sum_of(sums);
}

/// The RMS of blocks of so many samples, from that sample on.
std::vector<float> levels_of(const SampleStore& sound, std::int64_t first, std::int64_t until,
                             std::int64_t block) {
    std::vector<float> levels;
    std::vector<float> samples(static_cast<std::size_t>(block));
    for (std::int64_t at = first; at < until; at += block) {
        if (at / block % 2048 == 2047)
            sound.give_back_memory();
        sound.read_mono(Samples(at), samples);
        float sums[4] = {0, 0, 0, 0};
        for (std::size_t i = 0; i + 4 <= samples.size(); i += 4)
            for (std::size_t lane = 0; lane < 4; ++lane)
                sums[lane] += samples[i + lane] * samples[i + lane];
        levels.push_back(
            std::sqrt(((sums[0] + sums[1]) + (sums[2] + sums[3])) / static_cast<float>(samples.size())));
    }
    return levels;
}

float gain_for(const SampleStore& sound, std::size_t from, std::size_t until) {
    const auto rate = static_cast<double>(sound.format().sample_rate) / FrontEnd::slow_rate;
    const auto block = std::max<std::int64_t>(sound.format().sample_rate / 20, 1);
    const auto levels =
        levels_of(sound, std::llround(static_cast<double>(from) * rate),
                  std::min(sound.length().value,
                           static_cast<std::int64_t>(std::llround(static_cast<double>(until) * rate))),
                  block);
    // Where sound is rare, as in a slow click track, the percentile would speak of the silence between.
    const float loudest = levels.empty() ? 0.0f : *std::max_element(levels.begin(), levels.end());
    const float level = std::max(percentile(levels, 0.95), 0.25f * loudest);
    return level < silence ? 0.0f : loudness_target / level;
}

/// Rates from 88.2 kHz up are brought to 44.1 to 88.2 kHz first: nothing above is listened to.
int base_factor(std::int64_t rate) {
    return std::max(1, static_cast<int>(rate / 44'100));
}

int low_factor(double base_rate) {
    return std::max(1, static_cast<int>(std::lround(base_rate / 11'025)));
}

} // namespace

double FrontEnd::quick_hz(std::size_t band) {
    return even_band_hz(quick_shape, band);
}
double FrontEnd::slow_hz(std::size_t band) {
    return even_band_hz(slow_shape, band);
}

FrontEnd::FrontEnd(const SampleStore& sound)
    : sound_(sound), to_base_(base_factor(sound.format().sample_rate)),
      to_low_(low_factor(static_cast<double>(sound.format().sample_rate) / to_base_.factor())),
      base_rate_(static_cast<double>(sound.format().sample_rate) / to_base_.factor()),
      low_rate_(base_rate_ / to_low_.factor()),
      quick_(window_for_rate(1024, base_rate_), base_rate_, quick_shape, compression),
      slow_(window_for_rate(1024, low_rate_ * 4), low_rate_, slow_shape, compression),
      total_(static_cast<std::size_t>(sound.duration().value * slow_rate) + 1),
      span_(sounding_span(sound, total_)), gain_(gain_for(sound, span_.from, span_.until)), at_(span_.from),
      origin_(std::llround(static_cast<double>(span_.from) / slow_rate * base_rate_)) {}

/// From 60 ms before the first fiftieth of a second that is less than 60 dB under the loudest, which is more
/// than half of the longest window, to 40 ms after the last.
FrontEnd::Span FrontEnd::sounding_span(const SampleStore& sound, std::size_t total) {
    constexpr float silent_beside = 1e-3f;
    constexpr std::size_t before = 3, behind = 2; // fiftieths
    const auto block = std::max<std::int64_t>(sound.format().sample_rate / 50, 1);
    const auto levels = levels_of(sound, 0, sound.length().value, block);
    if (levels.empty())
        return {0, total};
    const float least = std::max(silent_beside * *std::max_element(levels.begin(), levels.end()), 1e-9f);
    const auto heard = [&](float level) { return level > least; };
    const auto first =
        static_cast<std::size_t>(std::find_if(levels.begin(), levels.end(), heard) - levels.begin());
    const auto last =
        levels.size() -
        static_cast<std::size_t>(std::find_if(levels.rbegin(), levels.rend(), heard) - levels.rbegin());
    if (first >= last)
        return {0, total};
    // Where a fiftieth of a second is no whole number of samples, blocks drift against frames.
    const auto frame_at = [&](std::size_t at) {
        return 2 * (at * static_cast<std::size_t>(block) * 50 /
                    static_cast<std::size_t>(sound.format().sample_rate));
    };
    return {first > before ? frame_at(first - before) : 0, std::min(total, frame_at(last + behind) + 2)};
}

void FrontEnd::read_samples(std::size_t count) {
    const auto quick_half = static_cast<std::int64_t>(quick_.window_length() / 2);
    const auto slow_half = static_cast<std::int64_t>(slow_.window_length() / 2);
    const double first = sounding_time(at_), last = sounding_time(at_ + count);

    // Every so manieth sample is kept, counted from where it begins to sound.
    low_start_ = std::llround(first * low_rate_) - slow_half;
    const auto low_end = std::llround(last * low_rate_) + slow_half + 1;
    const auto low_margin = static_cast<std::int64_t>(to_low_.margin());
    base_start_ = std::min<std::int64_t>(origin_ + low_start_ * to_low_.factor() - low_margin,
                                         origin_ + std::llround(first * base_rate_) - quick_half);
    const auto base_end = std::max<std::int64_t>(origin_ + (low_end - 1) * to_low_.factor() + low_margin + 1,
                                                 origin_ + std::llround(last * base_rate_) + quick_half + 1);
    base_.resize(static_cast<std::size_t>(base_end - base_start_));
    const auto margin = static_cast<std::int64_t>(to_base_.margin());
    if (to_base_.factor() == 1) {
        sound_.read_mono(Samples(base_start_), base_);
    } else {
        raw_.resize(base_.size() * static_cast<std::size_t>(to_base_.factor()) + 2 * to_base_.margin() + 1);
        sound_.read_mono(Samples(base_start_ * to_base_.factor() - margin), raw_);
        to_base_.run(raw_, base_);
    }
    for (float& sample : base_)
        sample *= gain_;
    low_.resize(static_cast<std::size_t>(low_end - low_start_));
    to_low_.run(std::span(base_).subspan(static_cast<std::size_t>(origin_ + low_start_ * to_low_.factor() -
                                                                  low_margin - base_start_)),
                low_);
}

void FrontEnd::add_sharpness(std::size_t count, FrontBlock& out) {
    const auto bins = static_cast<std::int64_t>(count * 10);
    const auto first_bin = static_cast<std::int64_t>((at_ - span_.from) * 10);
    for (std::int64_t bin = first_bin; bin < first_bin + bins; ++bin) {
        const auto from = origin_ + std::llround(static_cast<double>(bin) * base_rate_ / 1000) - base_start_;
        const auto until =
            origin_ + std::llround(static_cast<double>(bin + 1) * base_rate_ / 1000) - base_start_;
        float sum = 0;
        for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(until); ++i) {
            const float d = base_[i] - base_[i - 1];
            sum += d * d;
        }
        out.sharpness.push_back(until > from ? sum / static_cast<float>(until - from) : 0.0f);
    }
}

void FrontEnd::add_surprise(std::span<const std::complex<float>> bins, FrontBlock& out) {
    const std::size_t n = bins.size();
    if (before_.empty()) {
        before_.assign(n, {});
        before_that_.assign(n, {});
    }
    // What lies above 11 kHz is mostly noise, of which no steady tone is expected.
    out.complex_surprise.push_back(distance_from_steady(
        reinterpret_cast<const float*>(bins.data()), reinterpret_cast<const float*>(before_.data()),
        reinterpret_cast<const float*>(before_that_.data()), n / 2 / lanes * lanes));
    before_.swap(before_that_);
    std::copy(bins.begin(), bins.end(), before_.begin());
}

void FrontEnd::next(std::size_t count, FrontBlock& out) {
    count = std::min(count, span_.until - at_);
    out = FrontBlock{};
    out.frames = count;
    out.quick = {quick_bands, quick_rate, {}};
    out.slow = {slow_bands, slow_rate, {}};
    if (count == 0)
        return;
    out.quick.values.resize(2 * count * quick_bands);
    out.slow.values.resize(count * slow_bands);
    read_samples(count);
    add_sharpness(count, out);
    for (std::size_t k = 0; k < count; ++k) {
        const double time = sounding_time(at_ + k);
        for (std::size_t half = 0; half < 2; ++half) {
            const auto centre =
                origin_ + std::llround((time + static_cast<double>(half) / quick_rate) * base_rate_);
            quick_.at(base_, static_cast<std::ptrdiff_t>(centre - base_start_), 1,
                      out.quick.frame(2 * k + half));
            const auto magnitudes = quick_.magnitudes();
            const auto sums = sums_of(magnitudes.data(), magnitudes.size());
            out.energy.push_back(sums.energy);
            out.high_content.push_back(sums.high / static_cast<float>(magnitudes.size()));
            const double bin_hz = base_rate_ / static_cast<double>(quick_.window_length());
            const auto low_end = std::max<std::size_t>(2, static_cast<std::size_t>(150 / bin_hz) + 1);
            float low = 0;
            for (std::size_t bin = 1; bin < low_end; ++bin)
                low += magnitudes[bin];
            out.low_level.push_back(log10_of_one_and(compression * low / static_cast<float>(low_end - 1)));
            if (half == 0)
                add_surprise(quick_.bins(), out);
        }
        const auto low_centre = std::llround(time * low_rate_) - low_start_;
        slow_.at(low_, static_cast<std::ptrdiff_t>(low_centre), 1, out.slow.frame(k));
        const auto from = static_cast<std::size_t>(origin_ + std::llround(time * base_rate_) - base_start_);
        const auto until = static_cast<std::size_t>(
            origin_ + std::llround((time + 1 / slow_rate) * base_rate_) - base_start_);
        float squares = 0, most = 0;
        for (std::size_t i = from; i < until; ++i) {
            squares += base_[i] * base_[i];
            most = std::max(most, std::abs(base_[i]));
        }
        out.rms.push_back(std::sqrt(squares / static_cast<float>(std::max<std::size_t>(until - from, 1))));
        out.peak.push_back(most);
    }
    at_ += count;
    sound_.give_back_memory();
}

} // namespace pulsepin
