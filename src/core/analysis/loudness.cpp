// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/loudness.h"

#include "dsp/biquad.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

// The loudness of a mean square (ITU-R BS.1770-4, formula 2).
constexpr double offset = -0.691;
double lufs_of(double power) {
    return power > 0 ? 10 * std::log10(power) + offset : -HUGE_VAL;
}

float as_lufs(double power) {
    return std::max(static_cast<float>(lufs_of(power)), Loudness::silence);
}

// Parts of a tenth of a second, of which all longer spans are put together.
constexpr std::size_t block_parts = 4, short_term_parts = 30, step_parts = 5;
static_assert(Loudness::step * 10 == step_parts);

double mean_of(std::span<const double> powers) {
    double sum = 0;
    for (const double power : powers)
        sum += power;
    return powers.empty() ? 0 : sum / static_cast<double>(powers.size());
}

/// Over blocks of 400 ms that overlap by three quarters, first those above -70 LUFS, then those no more than
/// 10 LU below the mean of these (ITU-R BS.1770-4, annex 1).
double gated_mean(std::span<const double> parts) {
    std::vector<double> blocks;
    for (std::size_t i = 0; i + block_parts <= parts.size(); ++i)
        blocks.push_back(mean_of(parts.subspan(i, block_parts)));
    std::erase_if(blocks, [](double power) { return lufs_of(power) < -70; });
    const double relative = 0.1 * mean_of(blocks);
    std::erase_if(blocks, [&](double power) { return power < relative; });
    return mean_of(blocks);
}

} // namespace

namespace {

using Two = double __attribute__((vector_size(16)));

/// Two channels that are filtered side by side; what was heard before goes on.
struct Lanes {
    static constexpr std::size_t most = sizeof(Two) / sizeof(double), sections = 2;
    std::size_t first = 0, count = 0; ///< channels
    Two weight{}, before_1[sections]{}, before_2[sections]{}, power{};
};

void add_power(Lanes& lanes, std::span<const Biquad> weighting, const float* frames, std::size_t count,
               std::size_t channels) {
    const Biquad b = weighting[0], c = weighting[1];
    Two b_1 = lanes.before_1[0], b_2 = lanes.before_2[0], c_1 = lanes.before_1[1], c_2 = lanes.before_2[1],
        power = lanes.power;
    const std::size_t other = lanes.count - 1; // of a channel alone that channel again
    for (std::size_t i = 0; i < count; ++i) {
        const float* frame = frames + i * channels + lanes.first;
        const Two x{static_cast<double>(frame[0]), static_cast<double>(frame[other])};
        // What does not wait for the output is added first: the chain from one sample to the next is short.
        const Two y = b.b0 * x + b_1;
        b_1 = (b.b1 * x + b_2) - b.a1 * y;
        b_2 = b.b2 * x - b.a2 * y;
        const Two z = c.b0 * y + c_1;
        c_1 = (c.b1 * y + c_2) - c.a1 * z;
        c_2 = c.b2 * y - c.a2 * z;
        power += z * z;
    }
    lanes.power = power;
    // Neither a fading that never ends, which is slow, nor a sample that is no number goes on for ever.
    const auto settled = [](Two values) {
        for (std::size_t l = 0; l < Lanes::most; ++l)
            values[l] = std::abs(values[l]) > 1e-30 && std::abs(values[l]) < 1e30 ? values[l] : 0;
        return values;
    };
    lanes.before_1[0] = settled(b_1);
    lanes.before_2[0] = settled(b_2);
    lanes.before_1[1] = settled(c_1);
    lanes.before_2[1] = settled(c_2);
}

/// What a channel counts for (ITU-R BS.1770-4, table 3). Channels lie as they do in WAV files: left, right,
/// centre, low frequencies, and from there on those at the sides; of four the last two are at the sides.
double weight_of(std::size_t channel, std::size_t channels) {
    constexpr double beside = 1.41;
    if (channels == 4)
        return channel < 2 ? 1 : beside;
    if (channels == 5)
        return channel < 3 ? 1 : beside;
    return channel < 3 ? 1 : channel == 4 || channel == 5 ? beside : 0;
}

} // namespace

struct LoudnessMeter::State {
    SoundFormat format;
    std::vector<Biquad> weighting;
    std::vector<Lanes> lanes;
    std::size_t part = 1, filled = 0; ///< frames
    std::vector<double> powers;       ///< of each part, weighed by frequency and channel
};

LoudnessMeter::LoudnessMeter(SoundFormat format) : state_(std::make_unique<State>()) {
    State& s = *state_;
    s.format = format;
    s.weighting = k_weighting(static_cast<double>(format.sample_rate));
    s.part = static_cast<std::size_t>((format.sample_rate + 5) / 10);
    const auto channels = static_cast<std::size_t>(format.channels);
    for (std::size_t first = 0; first < channels; first += Lanes::most) {
        Lanes lanes;
        lanes.first = first;
        lanes.count = std::min(Lanes::most, channels - first);
        for (std::size_t l = 0; l < lanes.count; ++l)
            lanes.weight[l] = weight_of(first + l, channels);
        s.lanes.push_back(lanes);
    }
}
LoudnessMeter::~LoudnessMeter() = default;

void LoudnessMeter::add(std::span<const float> interleaved) {
    State& s = *state_;
    const auto channels = static_cast<std::size_t>(s.format.channels);
    std::size_t frames = interleaved.size() / channels;
    const float* at = interleaved.data();
    while (frames > 0) {
        const std::size_t now = std::min(frames, s.part - s.filled);
        for (auto& lanes : s.lanes)
            add_power(lanes, s.weighting, at, now, channels);
        at += now * channels;
        frames -= now;
        s.filled += now;
        if (s.filled == s.part) {
            double power = 0;
            for (auto& lanes : s.lanes) {
                for (std::size_t l = 0; l < lanes.count; ++l)
                    power += lanes.weight[l] * lanes.power[l];
                lanes.power = Two{};
            }
            s.powers.push_back(std::isfinite(power) ? power / static_cast<double>(s.part) : 0);
            s.filled = 0;
        }
    }
}

Loudness LoudnessMeter::finish() {
    State& s = *state_;
    Loudness out;
    const std::span<const double> powers(s.powers);
    out.integrated = as_lufs(gated_mean(powers));
    out.tenths.reserve(powers.size());
    for (const double power : powers)
        out.tenths.push_back(as_lufs(power));
    const std::size_t steps = powers.size() / step_parts;
    for (std::size_t i = 0; i < steps; ++i) {
        // Before the beginning and after the end there is silence.
        const std::size_t middle = i * step_parts;
        const std::size_t from = middle < short_term_parts / 2 ? 0 : middle - short_term_parts / 2;
        const std::size_t until = std::min(middle + short_term_parts / 2, powers.size());
        const auto part = powers.subspan(from, until - from);
        out.short_term.push_back(as_lufs(mean_of(part) * static_cast<double>(part.size()) /
                                         static_cast<double>(short_term_parts)));
    }
    return out;
}

Result<Loudness> measure_loudness(const SampleStore& sound, const Progress& progress) {
    LoudnessMeter meter(sound.format());
    const auto all = sound.interleaved();
    const auto block = static_cast<std::size_t>(sound.format().channels * sound.format().sample_rate) * 5;
    for (std::size_t at = 0; at < all.size(); at += block) {
        if (progress.cancelled())
            return fail_cancelled();
        meter.add(all.subspan(at, std::min(block, all.size() - at)));
        sound.give_back_memory();
        progress.report(static_cast<double>(at) / static_cast<double>(all.size()));
    }
    return meter.finish();
}

} // namespace pulsepin
