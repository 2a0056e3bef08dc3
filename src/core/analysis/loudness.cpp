// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/loudness.h"

#include <algorithm>
#include <cmath>
#include <ebur128.h>

namespace pulsepin {
namespace {

struct Free {
    void operator()(ebur128_state* state) const { ebur128_destroy(&state); }
};

// The mean square that a loudness stands for, and back (ITU-R BS.1770-4, formula 2).
constexpr double offset = -0.691;
double power_of(double lufs) {
    return std::pow(10.0, (lufs - offset) / 10);
}
double lufs_of(double power) {
    return power > 0 ? 10 * std::log10(power) + offset : -HUGE_VAL;
}

float as_lufs(double power) {
    return std::max(static_cast<float>(lufs_of(power)), Loudness::silence);
}

constexpr std::size_t part_ms = 100; // parts of which all longer spans are put together
constexpr std::size_t block_parts = 4, short_term_parts = 30, step_parts = 5;
static_assert(Loudness::step * 1000 == step_parts * part_ms);

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

struct LoudnessMeter::State {
    SoundFormat format;
    std::unique_ptr<ebur128_state, Free> meter;
    std::size_t part = 1, filled = 0; ///< frames
    std::vector<double> powers;       ///< of each part, weighed by frequency and channel
};

// The library would add up each sample ten times for the overlapping spans; here it filters and weighs, and
// tells of each tenth of a second once.
LoudnessMeter::LoudnessMeter(SoundFormat format) : state_(std::make_unique<State>()) {
    state_->format = format;
    state_->meter.reset(ebur128_init(static_cast<unsigned>(format.channels),
                                     static_cast<unsigned long>(format.sample_rate), EBUR128_MODE_M));
    state_->part = static_cast<std::size_t>((format.sample_rate + 5) / 10); // as the library rounds
}
LoudnessMeter::~LoudnessMeter() = default;

void LoudnessMeter::add(std::span<const float> interleaved) {
    State& s = *state_;
    if (!s.meter)
        return;
    const auto channels = static_cast<std::size_t>(s.format.channels);
    std::size_t frames = interleaved.size() / channels;
    const float* at = interleaved.data();
    while (frames > 0) {
        const std::size_t now = std::min(frames, s.part - s.filled);
        ebur128_add_frames_float(s.meter.get(), at, now);
        at += now * channels;
        frames -= now;
        s.filled += now;
        if (s.filled == s.part) {
            double lufs = -HUGE_VAL;
            ebur128_loudness_window(s.meter.get(), part_ms, &lufs);
            s.powers.push_back(std::isfinite(lufs) ? power_of(lufs) : 0);
            s.filled = 0;
        }
    }
}

Loudness LoudnessMeter::finish() {
    State& s = *state_;
    Loudness out;
    if (!s.meter)
        return out;
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
