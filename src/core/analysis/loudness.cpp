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

float as_lufs(double value) {
    return std::isfinite(value) ? std::max(static_cast<float>(value), Loudness::silence) : Loudness::silence;
}

} // namespace

struct LoudnessMeter::State {
    SoundFormat format;
    std::unique_ptr<ebur128_state, Free> meter;
    std::size_t hop = 1, filled = 0; ///< frames
    std::vector<float> past;         ///< short-term values, each of the three seconds before

    void ask() {
        double value = 0;
        past.push_back(ebur128_loudness_shortterm(meter.get(), &value) == EBUR128_SUCCESS
                           ? as_lufs(value)
                           : Loudness::silence);
    }
};

LoudnessMeter::LoudnessMeter(SoundFormat format) : state_(std::make_unique<State>()) {
    state_->format = format;
    state_->meter.reset(ebur128_init(static_cast<unsigned>(format.channels),
                                     static_cast<unsigned long>(format.sample_rate),
                                     EBUR128_MODE_S | EBUR128_MODE_I));
    state_->hop = std::max<std::size_t>(
        1, static_cast<std::size_t>(Loudness::step * static_cast<double>(format.sample_rate)));
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
        const std::size_t now = std::min(frames, s.hop - s.filled);
        ebur128_add_frames_float(s.meter.get(), at, now);
        at += now * channels;
        frames -= now;
        s.filled += now;
        if (s.filled == s.hop) {
            s.ask();
            s.filled = 0;
        }
    }
}

Loudness LoudnessMeter::finish() {
    State& s = *state_;
    Loudness out;
    if (!s.meter)
        return out;
    double value = 0;
    if (ebur128_loudness_global(s.meter.get(), &value) == EBUR128_SUCCESS)
        out.integrated = as_lufs(value);
    // The meter tells of the past three seconds; what is told here lies in their middle.
    const std::size_t told = s.past.size();
    const auto silent = std::vector<float>(static_cast<std::size_t>(s.format.channels) * s.hop, 0.0f);
    for (int i = 0; i < 3; ++i)
        add(silent);
    constexpr std::size_t middle = 3; // steps of half a second
    for (std::size_t i = 0; i < told; ++i)
        out.short_term.push_back(s.past[std::min(i + middle - 1, s.past.size() - 1)]);
    return out;
}

Result<Loudness> measure_loudness(const SampleStore& sound, const Progress& progress) {
    LoudnessMeter meter(sound.format());
    const auto all = sound.interleaved();
    const auto block = static_cast<std::size_t>(sound.format().channels * sound.format().sample_rate) * 5;
    for (std::size_t at = 0; at < all.size(); at += block) {
        if (progress.cancelled())
            return fail(cancelled_text);
        meter.add(all.subspan(at, std::min(block, all.size() - at)));
        sound.give_back_memory();
        progress.report(static_cast<double>(at) / static_cast<double>(all.size()));
    }
    return meter.finish();
}

} // namespace pulsepin
