// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/features.h"

#include "analysis/activation_queue.h"
#include "analysis/front_end.h"
#include "analysis/separation.h"
#include "dsp/smoothing.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr float rise_step = 0.01f, harmony_step = 0.0125f;
constexpr float sharpness_floor = -95, sharpness_step = 0.5f; // dB
constexpr std::size_t low_rise_bands = 9;                     // each of two slow bands
constexpr std::size_t bass_bands = 2 * low_rise_bands;        // slow bands up to 130 Hz

void divide_by_rms(std::vector<float>& curve) {
    double squares = 0;
    for (const float v : curve)
        squares += static_cast<double>(v) * static_cast<double>(v);
    const auto rms =
        static_cast<float>(std::sqrt(squares / std::max<double>(1, static_cast<double>(curve.size()))));
    if (rms > 1e-6f)
        for (float& v : curve)
            v /= rms;
}

float decibels(float power) {
    return 10 * std::log10(power + 1e-9f);
}

/// Rise of each band against two frames before, there against the strongest of itself and its neighbours, so
/// that vibrato is no rise.
void rise_of(std::span<const float> now, std::span<const float> then, std::span<float> out) {
    const std::size_t n = now.size();
    for (std::size_t b = 0; b < n; ++b) {
        const float most = std::max({then[b], then[b > 0 ? b - 1 : 0], then[b + 1 < n ? b + 1 : b]});
        out[b] = std::max(0.0f, now[b] - most);
    }
}

struct BandRange {
    std::size_t first = 0, last = 0;
    [[nodiscard]] float mean(std::span<const float> values) const {
        float sum = 0;
        for (std::size_t b = first; b < last; ++b)
            sum += values[b];
        return last > first ? sum / static_cast<float>(last - first) : 0.0f;
    }
};

BandRange quick_range(double from_hz, double until_hz) {
    BandRange range;
    while (range.first < FrontEnd::quick_bands && FrontEnd::quick_hz(range.first) < from_hz)
        ++range.first;
    range.last = range.first;
    while (range.last < FrontEnd::quick_bands && FrontEnd::quick_hz(range.last) < until_hz)
        ++range.last;
    return range;
}

/// Sum over bands of how far the mean of the next fifth of a second lies above that of the last; 100 a
/// second.
std::vector<float> harmonic_change(const ByteFrames& harmony, std::size_t frames, double from_hz,
                                   double until_hz) {
    constexpr std::ptrdiff_t gap = 1, reach = 11; // frames of 20 ms
    const auto coarse = static_cast<std::ptrdiff_t>(harmony.frames());
    std::vector<float> change(static_cast<std::size_t>(coarse), 0.0f);
    std::vector<std::int32_t> sums(static_cast<std::size_t>(coarse) + 1);
    for (std::size_t b = 0; b < harmony.bands; ++b) {
        if (Features::harmony_hz(b) < from_hz || Features::harmony_hz(b) >= until_hz)
            continue;
        for (std::size_t t = 0; t < harmony.frames(); ++t)
            sums[t + 1] = sums[t] + harmony.values[t * harmony.bands + b];
        const auto mean = [&](std::ptrdiff_t from, std::ptrdiff_t until) {
            from = std::clamp<std::ptrdiff_t>(from, 0, coarse);
            until = std::clamp<std::ptrdiff_t>(until, 0, coarse);
            return until <= from ? 0.0f
                                 : static_cast<float>(sums[static_cast<std::size_t>(until)] -
                                                      sums[static_cast<std::size_t>(from)]) /
                                       static_cast<float>(until - from);
        };
        for (std::ptrdiff_t t = 0; t < coarse; ++t)
            change[static_cast<std::size_t>(t)] +=
                std::max(0.0f, mean(t + gap, t + reach + 1) - mean(t - reach, t - gap + 1));
    }
    double mean = 0, square = 0;
    for (const float v : change) {
        mean += static_cast<double>(v) / static_cast<double>(coarse);
        square += static_cast<double>(v) * static_cast<double>(v) / static_cast<double>(coarse);
    }
    const double deviation = std::sqrt(std::max(square - mean * mean, 0.0));
    std::vector<float> fine(frames, 0.0f);
    if (deviation < 1e-9)
        return fine;
    for (std::size_t t = 0; t < frames; ++t) {
        const std::size_t i = std::min(t / 2, change.size() - 1);
        const float next = change[std::min(i + 1, change.size() - 1)];
        fine[t] = (t % 2 == 0 ? change[i] : 0.5f * (change[i] + next)) / static_cast<float>(deviation);
    }
    return fine;
}

void combine_bands(Features& f) {
    constexpr std::array<float, band_count> weight{1.2f, 0.8f, 0.8f, 1.0f, 0.7f};
    f.raw.assign(f.bands[0].size(), 0.0f);
    for (std::size_t b = 0; b < band_count; ++b) {
        divide_by_rms(f.bands[b]);
        for (std::size_t i = 0; i < f.raw.size(); ++i)
            f.raw[i] += weight[b] * f.bands[b][i];
    }
    double squares = 0;
    for (const float v : f.raw)
        squares += static_cast<double>(v) * static_cast<double>(v);
    const auto floor =
        0.3f *
        static_cast<float>(std::sqrt(squares / std::max<double>(1, static_cast<double>(f.raw.size()))));
    f.novelty = gaussian_smoothed(f.raw, 1.5);
    const auto local = local_rms(f.raw, 4 * Features::slow_rate);
    for (std::size_t i = 0; i < f.novelty.size(); ++i)
        f.novelty[i] /= std::max({local[i], floor, 1e-6f});
}

/// Turns blocks of the front end into curves, from front to back.
class FeatureBuilder {
public:
    explicit FeatureBuilder(Features& f, float gain) : f_(f), unscale_(gain > 0 ? 1 / gain : 0) {
        f.rises = {Features::rise_bands, Features::slow_rate, rise_step, {}};
        f.harmony = {FrontEnd::slow_bands, 50, harmony_step, {}};
    }

    /// Room for as many frames as will come: vectors that grow take up to three times as much meanwhile.
    void expect(std::size_t frames) {
        for (auto* curve : {&f_.flux, &f_.energy_rise, &f_.high_rise})
            curve->reserve(2 * frames);
        for (auto* curve : {&f_.surprise, &f_.rms, &f_.peak, &f_.percussive, &f_.harmonic})
            curve->reserve(frames);
        for (auto& band : f_.bands)
            band.reserve(frames);
        for (auto& heard : f_.activations.log_odds)
            heard.reserve(frames);
        for (auto& heard : f_.drums.sixteenths)
            heard.reserve(frames);
        f_.sharpness.reserve(10 * frames);
        f_.rises.values.reserve(Features::rise_bands * frames);
        f_.harmony.values.reserve(FrontEnd::slow_bands * (frames / 2 + 1));
    }

    void add(const FrontBlock& block) {
        for (std::size_t k = 0; k < block.frames; ++k) {
            std::array<float, band_count> sum{};
            std::array<float, FrontEnd::quick_bands> both{};
            for (std::size_t half = 0; half < 2; ++half)
                add_quick(block, 2 * k + half, sum, both);
            add_slow(block, k, sum, both);
            f_.rms.push_back(block.rms[k] * unscale_);
            f_.peak.push_back(block.peak[k] * unscale_);
            f_.surprise.push_back(block.complex_surprise[k]);
        }
        for (const float v : block.sharpness)
            f_.sharpness.push_back(ByteFrames::byte_of(decibels(v) - sharpness_floor, sharpness_step));
        separation_.add(block.slow, f_.percussive, f_.harmonic);
    }

    void finish() { separation_.finish(f_.percussive, f_.harmonic); }

private:
    void add_quick(const FrontBlock& block, std::size_t q, std::array<float, band_count>& sum,
                   std::array<float, FrontEnd::quick_bands>& both) {
        const auto now = block.quick.frame(q);
        std::array<float, FrontEnd::quick_bands> rise{};
        rise_of(now, quick_[quick_at_ % 2], rise);
        std::copy(now.begin(), now.end(), quick_[quick_at_ % 2].begin());
        for (std::size_t b = 0; b < rise.size(); ++b)
            both[b] += rise[b];
        f_.flux.push_back(BandRange{0, rise.size()}.mean(rise));
        sum[1] += low_mid_.mean(rise);
        sum[2] += mid_.mean(rise);
        sum[3] += snare_.mean(rise);
        sum[4] += high_.mean(rise);
        const float low = block.low_level[q];
        sum[0] += std::max(0.0f, low - low_[quick_at_ % 2]);
        low_[quick_at_ % 2] = low;
        const float energy = decibels(block.energy[q]), high = decibels(block.high_content[q]);
        f_.energy_rise.push_back(std::max(0.0f, energy - energy_[quick_at_ % 2]));
        f_.high_rise.push_back(std::max(0.0f, high - high_content_[quick_at_ % 2]));
        energy_[quick_at_ % 2] = energy;
        high_content_[quick_at_ % 2] = high;
        ++quick_at_;
    }

    void add_slow(const FrontBlock& block, std::size_t k, std::array<float, band_count>& sum,
                  const std::array<float, FrontEnd::quick_bands>& both) {
        const auto now = block.slow.frame(k);
        auto& then = slow_[slow_at_ % 2];
        std::array<float, FrontEnd::slow_bands> rise{};
        for (std::size_t b = 0; b < now.size(); ++b)
            rise[b] = std::max(0.0f, now[b] - then[b]);
        sum[0] += 0.5f * BandRange{0, bass_bands}.mean(rise);
        for (std::size_t b = 0; b < band_count; ++b)
            f_.bands[b].push_back(0.5f * sum[b]);
        for (std::size_t b = 0; b < low_rise_bands; ++b)
            f_.rises.values.push_back(ByteFrames::byte_of(0.5f * (rise[2 * b] + rise[2 * b + 1]), rise_step));
        for (std::size_t b = 0; b + 1 < both.size(); b += 2)
            f_.rises.values.push_back(ByteFrames::byte_of(0.25f * (both[b] + both[b + 1]), rise_step));
        if (slow_at_ % 2 == 0)
            for (const float v : now)
                f_.harmony.values.push_back(ByteFrames::byte_of(v, harmony_step));
        std::copy(now.begin(), now.end(), then.begin());
        ++slow_at_;
    }

    Features& f_;
    float unscale_;
    Separation separation_;
    BandRange low_mid_ = quick_range(150, 400), mid_ = quick_range(400, 1600),
              snare_ = quick_range(1600, 6000), high_ = quick_range(6000, 1e9);
    std::array<std::array<float, FrontEnd::quick_bands>, 2> quick_{};
    std::array<std::array<float, FrontEnd::slow_bands>, 2> slow_{};
    std::array<float, 2> low_{}, energy_{-90, -90}, high_content_{-90, -90};
    std::size_t quick_at_ = 0, slow_at_ = 0;
};

} // namespace

std::uint8_t ByteFrames::byte_of(float value, float step) {
    return static_cast<std::uint8_t>(std::clamp(value / step + 0.5f, 0.0f, 255.0f));
}

double Features::rise_band_hz(std::size_t band) {
    return band < low_rise_bands ? std::sqrt(FrontEnd::slow_hz(2 * band) * FrontEnd::slow_hz(2 * band + 1))
                                 : std::sqrt(FrontEnd::quick_hz(2 * (band - low_rise_bands)) *
                                             FrontEnd::quick_hz(2 * (band - low_rise_bands) + 1));
}

double Features::harmony_hz(std::size_t band) {
    return FrontEnd::slow_hz(band);
}

Seconds attack_start(const Features& features, Seconds time) {
    constexpr std::ptrdiff_t reach = 18, before = 6, after = 3; // milliseconds
    constexpr double clear = 6.3, floor = 1e-7;
    static const auto power = [] {
        std::array<double, 256> table{};
        for (std::size_t i = 0; i < table.size(); ++i)
            table[i] = std::pow(10.0, (static_cast<double>(sharpness_floor) +
                                       static_cast<double>(sharpness_step) * static_cast<double>(i)) /
                                          10);
        return table;
    }();
    const auto& e = features.sharpness;
    const auto centre = static_cast<std::ptrdiff_t>(std::llround(time.value * 1000));
    std::array<double, 2 * reach + before + after + 1> around{};
    for (std::size_t i = 0; i < around.size(); ++i) {
        const auto at = centre - reach - before + static_cast<std::ptrdiff_t>(i);
        if (at >= 0 && at < static_cast<std::ptrdiff_t>(e.size()))
            around[i] = power[e[static_cast<std::size_t>(at)]];
    }
    const auto mean = [&](std::ptrdiff_t from, std::ptrdiff_t until) {
        double sum = 0;
        for (auto i = from; i < until; ++i)
            sum += around[static_cast<std::size_t>(i - (centre - reach - before))];
        return sum / static_cast<double>(until - from);
    };
    double steepest = clear;
    Seconds best = time;
    for (auto i = centre - reach; i <= centre + reach; ++i) {
        const double rise = (mean(i, i + after) + floor) / (mean(i - before, i) + floor);
        // A rise far from where the spectrum saw one must be all the clearer.
        const double distance = static_cast<double>(i - centre) / 12.0;
        if (const double value = rise * std::exp(-0.5 * distance * distance); value > steepest) {
            steepest = value;
            best = Seconds(static_cast<double>(i) / 1000);
        }
    }
    return std::max(best, Seconds(0));
}

namespace {

/// How many values a curve has for so many slow frames.
struct Clock {
    std::size_t values = 1, frames = 1; ///< so many for every so many frames
    [[nodiscard]] std::size_t until(std::size_t frame) const {
        return (frame + frames - 1) / frames * values;
    }
};

/// Calls `edit` with each curve, its clock, and what stands in it for silence.
template <class Edit>
void each_curve(Features& f, Edit edit) {
    for (auto* curve : {&f.flux, &f.energy_rise, &f.high_rise})
        edit(*curve, Clock{2}, 0.0f);
    for (auto* curve : {&f.surprise, &f.raw, &f.novelty, &f.bass_change, &f.mid_change, &f.rms, &f.peak,
                        &f.percussive, &f.harmonic})
        edit(*curve, Clock{1}, 0.0f);
    for (auto& band : f.bands)
        edit(band, Clock{1}, 0.0f);
    constexpr float surely_not = -15;
    for (auto& heard : f.activations.log_odds)
        edit(heard, Clock{1}, surely_not);
    for (auto& heard : f.drums.sixteenths)
        edit(heard, Clock{1}, std::int8_t{-128});
    edit(f.sharpness, Clock{10}, std::uint8_t{0});
    edit(f.rises.values, Clock{f.rises.bands}, std::uint8_t{0});
    edit(f.harmony.values, Clock{f.harmony.bands, 2}, std::uint8_t{0});
}

/// Silence before and behind what was read.
void surround(Features& f, std::size_t from, std::size_t total) {
    f.sounds_from = from;
    f.sounds_until = from + f.raw.size();
    if (from == 0 && f.sounds_until >= total)
        return;
    each_curve(f, [&](auto& curve, Clock clock, auto nothing) {
        if (curve.empty())
            return;
        curve.insert(curve.begin(), clock.until(from), nothing);
        curve.resize(std::max(curve.size(), clock.until(total)), nothing);
    });
}

} // namespace

Features sounding_part(Features features) {
    const std::size_t from = features.sounds_from, until = features.sounds_until;
    each_curve(features, [&](auto& curve, Clock clock, auto nothing) {
        if (curve.empty())
            return;
        curve.resize(std::min(curve.size(), clock.until(until)));
        curve.erase(curve.begin(), curve.begin() + static_cast<std::ptrdiff_t>(clock.until(from)));
        curve.insert(curve.begin(), clock.until(silence_before_part), nothing);
    });
    const auto seconds = [](std::size_t frames) { return static_cast<double>(frames) / Features::slow_rate; };
    features.duration = Seconds(std::min(features.duration.value, seconds(until)) - seconds(from) +
                                seconds(silence_before_part));
    features.sounds_from = silence_before_part;
    features.sounds_until = until - from + silence_before_part;
    return features;
}

Result<Features> compute_features(const SampleStore& sound, const Listeners& listeners, LoudnessMeter* meter,
                                  const Progress& progress) {
    Features f;
    f.duration = sound.duration();
    FrontEnd front(sound);
    f.silent = front.silent();
    FeatureBuilder builder(f, front.gain());
    builder.expect(front.total_frames());
    ActivationQueue queue(f.silent ? Listeners{} : listeners, f, front.total_frames());
    FrontBlock block;
    constexpr std::size_t frames_at_once = 1000;
    std::size_t done = front.sounds_from(), metered = 0;
    for (front.next(frames_at_once, block); block.frames > 0; front.next(frames_at_once, block)) {
        if (progress.cancelled())
            return fail_cancelled();
        builder.add(block);
        queue.add(block);
        if (meter) {
            const auto all = sound.interleaved();
            const auto channels = static_cast<double>(sound.format().channels);
            const auto until = std::min(
                all.size(), static_cast<std::size_t>(
                                std::llround(static_cast<double>(done + block.frames) / FrontEnd::slow_rate *
                                             static_cast<double>(sound.format().sample_rate)) *
                                static_cast<std::int64_t>(channels)));
            meter->add(all.subspan(metered, until - metered));
            metered = until;
        }
        done += block.frames;
        progress.report(0.95 * static_cast<double>(done) / static_cast<double>(front.total_frames()));
    }
    if (meter)
        meter->add(sound.interleaved().subspan(metered)); // silence behind it
    builder.finish();
    queue.finish();
    combine_bands(f);
    f.bass_change = harmonic_change(f.harmony, f.raw.size(), 40, 260);
    f.mid_change = harmonic_change(f.harmony, f.raw.size(), 260, 2400);
    surround(f, front.sounds_from(), front.total_frames());
    progress.report(1);
    return f;
}

} // namespace pulsepin
