// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/features.h"

#include "dsp/smoothing.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr float compression = 300;
constexpr float loudness_target = 0.15f; // the 95th percentile of 50 ms RMS is brought here
constexpr float silence = 3.2e-4f;       // -70 dBFS

float loud_level(const SampleStore& sound) {
    const auto block = std::max<std::int64_t>(sound.format().sample_rate / 20, 1);
    std::vector<float> levels;
    std::vector<float> samples(static_cast<std::size_t>(block));
    for (std::int64_t at = 0; at < sound.length().value; at += block) {
        if (at / block % 2048 == 2047)
            sound.give_back_memory();
        sound.read_mono(Samples(at), samples);
        double squares = 0;
        for (const float s : samples)
            squares += static_cast<double>(s) * static_cast<double>(s);
        levels.push_back(static_cast<float>(std::sqrt(squares / static_cast<double>(block))));
    }
    // Where sound is rare, as in a slow click track, the percentile would speak of the silence between.
    const float loudest = levels.empty() ? 0.0f : *std::max_element(levels.begin(), levels.end());
    return std::max(percentile(levels, 0.95), 0.25f * loudest);
}

/// Rise of a log spectrum against the one two frames before, each band against the strongest of itself and
/// its neighbours then, so that vibrato is no rise.
class Flux {
public:
    Flux(std::size_t window, double rate, FilterbankShape shape)
        : spectrum_(window, rate, shape, compression) {
        for (auto& frame : history_)
            frame.assign(spectrum_.bands(), 0.0f);
        rise.assign(spectrum_.bands(), 0.0f);
    }

    void at(std::span<const float> samples, std::ptrdiff_t centre, float gain) {
        std::rotate(history_.begin(), history_.begin() + 1, history_.end());
        spectrum_.at(samples, centre, gain, history_[2]);
        const auto& now = history_[2];
        const auto& then = history_[0];
        for (std::size_t b = 0; b < now.size(); ++b) {
            float most = then[b];
            if (b > 0)
                most = std::max(most, then[b - 1]);
            if (b + 1 < then.size())
                most = std::max(most, then[b + 1]);
            rise[b] = std::max(0.0f, now[b] - most);
        }
    }

    [[nodiscard]] float mean(double from_hz, double until_hz) const {
        float sum = 0;
        int count = 0;
        for (std::size_t b = 0; b < rise.size(); ++b)
            if (spectrum_.centre_hz(b) >= from_hz && spectrum_.centre_hz(b) < until_hz) {
                sum += rise[b];
                ++count;
            }
        return count == 0 ? 0.0f : sum / static_cast<float>(count);
    }

    std::vector<float> rise;

private:
    LogBandSpectrum spectrum_;
    std::array<std::vector<float>, 3> history_;
};

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

/// Sum over bands of how far the mean of the next fifth of a second lies above that of the last.
std::vector<float> harmonic_change(const BandFrames& harmony, std::span<const float> hz, double from_hz,
                                   double until_hz) {
    constexpr std::ptrdiff_t gap = 2, reach = 22;
    const auto frames = static_cast<std::ptrdiff_t>(harmony.frames());
    std::vector<float> change(static_cast<std::size_t>(frames), 0.0f);
    std::vector<double> sums(static_cast<std::size_t>(frames) + 1);
    for (std::size_t b = 0; b < harmony.bands; ++b) {
        if (static_cast<double>(hz[b]) < from_hz || static_cast<double>(hz[b]) >= until_hz)
            continue;
        for (std::ptrdiff_t t = 0; t < frames; ++t)
            sums[static_cast<std::size_t>(t) + 1] =
                sums[static_cast<std::size_t>(t)] +
                static_cast<double>(harmony.frame(static_cast<std::size_t>(t))[b]);
        const auto mean = [&](std::ptrdiff_t from, std::ptrdiff_t until) {
            from = std::clamp<std::ptrdiff_t>(from, 0, frames);
            until = std::clamp<std::ptrdiff_t>(until, 0, frames);
            return until <= from
                       ? 0.0
                       : (sums[static_cast<std::size_t>(until)] - sums[static_cast<std::size_t>(from)]) /
                             static_cast<double>(until - from);
        };
        for (std::ptrdiff_t t = 0; t < frames; ++t)
            change[static_cast<std::size_t>(t)] += static_cast<float>(
                std::max(0.0, mean(t + gap, t + reach + 1) - mean(t - reach, t - gap + 1)));
    }
    double mean = 0, square = 0;
    for (const float v : change) {
        mean += static_cast<double>(v) / static_cast<double>(frames);
        square += static_cast<double>(v) * static_cast<double>(v) / static_cast<double>(frames);
    }
    const double deviation = std::sqrt(std::max(square - mean * mean, 0.0));
    if (deviation > 1e-9)
        for (float& v : change)
            v = static_cast<float>(static_cast<double>(v) / deviation);
    return change;
}

/// The difference of neighbouring samples brings out attacks over a sounding bass.
std::vector<float> difference_energy(const SampleStore& sound, float gain) {
    const auto rate = static_cast<double>(sound.format().sample_rate);
    const auto bins = static_cast<std::int64_t>(sound.duration().value * 1000) + 1;
    std::vector<float> energy;
    energy.reserve(static_cast<std::size_t>(bins));
    std::vector<float> samples;
    for (std::int64_t bin = 0; bin < bins; ++bin) {
        if (bin % 65'536 == 65'535)
            sound.give_back_memory();
        const auto from = std::llround(static_cast<double>(bin) * rate / 1000);
        const auto until = std::llround(static_cast<double>(bin + 1) * rate / 1000);
        samples.resize(static_cast<std::size_t>(until - from + 1));
        sound.read_mono(Samples(from - 1), samples);
        double sum = 0;
        for (std::size_t i = 1; i < samples.size(); ++i) {
            const double d = static_cast<double>(gain * (samples[i] - samples[i - 1]));
            sum += d * d;
        }
        energy.push_back(static_cast<float>(sum / static_cast<double>(until - from)));
    }
    return energy;
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

} // namespace

Seconds attack_start(const Features& features, Seconds time) {
    constexpr std::ptrdiff_t reach = 18, before = 6, after = 3; // milliseconds
    constexpr double clear = 6.3, floor = 1e-7;
    const auto& e = features.sharpness;
    const auto centre = static_cast<std::ptrdiff_t>(std::llround(time.value * 1000));
    const auto mean = [&](std::ptrdiff_t from, std::ptrdiff_t until) {
        double sum = 0;
        for (auto i = from; i < until; ++i)
            if (i >= 0 && i < static_cast<std::ptrdiff_t>(e.size()))
                sum += static_cast<double>(e[static_cast<std::size_t>(i)]);
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

Result<Features> compute_features(const SampleStore& sound, const Progress& progress) {
    const auto rate = static_cast<double>(sound.format().sample_rate);
    Features f;
    f.duration = sound.duration();
    const float level = loud_level(sound);
    f.silent = level < silence;
    const float gain = f.silent ? 0.0f : loudness_target / level;

    f.sharpness = difference_energy(sound, gain);
    Flux quick(window_for_rate(1024, rate), rate, {150, 17500, 8});
    Flux fine(window_for_rate(2048, rate), rate, {60, 17500, 12});
    LogBandSpectrum slow(window_for_rate(4096, rate), rate, {30, 2500, 12}, compression);
    f.harmony.bands = slow.bands();
    f.harmony.frames_per_second = Features::slow_rate;
    for (std::size_t b = 0; b < slow.bands(); ++b)
        f.harmony_hz.push_back(static_cast<float>(slow.centre_hz(b)));

    const auto slow_frames = static_cast<std::int64_t>(f.duration.value * Features::slow_rate) + 1;
    constexpr std::int64_t chunk = 1000; // slow frames worked on from one stretch of samples
    const auto margin = static_cast<std::int64_t>(window_for_rate(4096, rate));
    std::vector<float> samples;
    std::vector<float> harmony(slow.bands());
    for (auto& curve : f.bands)
        curve.reserve(static_cast<std::size_t>(slow_frames));
    for (std::int64_t first = 0; first < slow_frames; first += chunk) {
        if (progress.cancelled())
            return fail(cancelled_text);
        progress.report(static_cast<double>(first) / static_cast<double>(slow_frames));
        sound.give_back_memory();
        const auto last = std::min(first + chunk, slow_frames);
        const auto sample_of = [rate](double time) { return std::llround(time * rate); };
        const auto start = sample_of(static_cast<double>(first) / Features::slow_rate) - margin;
        const auto end = sample_of(static_cast<double>(last) / Features::slow_rate) + margin;
        samples.resize(static_cast<std::size_t>(end - start));
        sound.read_mono(Samples(start), samples);
        for (auto frame = first; frame < last; ++frame) {
            std::array<float, band_count> sum{};
            for (int half = 0; half < 2; ++half) {
                const auto centre = static_cast<std::ptrdiff_t>(
                    sample_of(Features::fast_time(static_cast<double>(2 * frame + half))) - start);
                quick.at(samples, centre, gain);
                fine.at(samples, centre, gain);
                const float all = fine.mean(0, 1e9);
                f.flux.push_back(all);
                f.attack.push_back(all + 0.5f * quick.mean(0, 1e9));
                sum[0] += fine.mean(0, 150);
                sum[1] += fine.mean(150, 400);
                sum[2] += fine.mean(400, 1600);
                sum[3] += 0.5f * (fine.mean(1600, 6000) + quick.mean(1600, 6000));
                sum[4] += quick.mean(6000, 1e9);
            }
            const auto centre = static_cast<std::ptrdiff_t>(
                sample_of(static_cast<double>(frame) / Features::slow_rate) - start);
            slow.at(samples, centre, gain, harmony);
            if (frame >= 2) {
                const auto then = f.harmony.frame(static_cast<std::size_t>(frame - 2));
                float bass = 0;
                int count = 0;
                for (std::size_t b = 0; b < harmony.size() && f.harmony_hz[b] < 130; ++b, ++count)
                    bass += std::max(0.0f, harmony[b] - then[b]);
                sum[0] += bass / static_cast<float>(std::max(count, 1));
            }
            f.harmony.values.insert(f.harmony.values.end(), harmony.begin(), harmony.end());
            for (std::size_t b = 0; b < band_count; ++b)
                f.bands[b].push_back(0.5f * sum[b]);
        }
    }
    combine_bands(f);
    f.bass_change = harmonic_change(f.harmony, f.harmony_hz, 40, 260);
    f.mid_change = harmonic_change(f.harmony, f.harmony_hz, 260, 2400);
    progress.report(1);
    return f;
}

} // namespace pulsepin
