// SPDX-License-Identifier: GPL-3.0-or-later
#include "play/click.h"

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <numbers>

namespace pulsepin {
namespace {

/// How a voice sounds: tones, or noise, that die away. The first sample of each is its loudest, so that the
/// ear and a measurement agree on when it starts.
struct Voice {
    double hz, seconds, fades; ///< falls to 1/e within `fades`
    double overtone = 0;       ///< a second tone, as a multiple of the first
    double noise = 0;          ///< share of it
};

std::vector<float> sound_of_voice(const Voice& voice, double sample_rate) {
    const auto length = static_cast<std::size_t>(voice.seconds * sample_rate);
    std::vector<float> samples(length);
    std::uint32_t state = 1;
    for (std::size_t i = 0; i < length; ++i) {
        const double t = static_cast<double>(i) / sample_rate;
        const auto tone = [&](double hz) { return std::cos(2 * std::numbers::pi * hz * t); };
        double value = tone(voice.hz);
        if (voice.overtone > 0)
            value = 0.6 * value + 0.4 * tone(voice.hz * voice.overtone);
        state = state * 1664525u + 1013904223u; // Numerical Recipes, chapter 7.1
        const double hiss = i == 0 ? 1 : static_cast<double>(state >> 8) / 8388608.0 - 1;
        value = value * (1 - voice.noise) + hiss * voice.noise;
        samples[i] = static_cast<float>(0.8 * value * std::exp(-t / voice.fades));
    }
    return samples;
}

constexpr Voice beat{1100, 0.035, 0.006}, first_beat{1760, 0.035, 0.006};
/// As click_sounds() of the model names them.
constexpr Voice voices[click_voices] = {
    {.hz = 520, .seconds = 0.05, .fades = 0.010, .overtone = 2.7},  // knock
    {.hz = 3100, .seconds = 0.02, .fades = 0.003},                  // tick
    {.hz = 140, .seconds = 0.10, .fades = 0.022},                   // thud
    {.hz = 2093, .seconds = 0.16, .fades = 0.035, .overtone = 1.5}, // ping
    {.hz = 4000, .seconds = 0.05, .fades = 0.012, .noise = 0.9},    // brush
};

} // namespace

ClickTrack::ClickTrack(std::vector<Click> clicks, std::int64_t sample_rate) : clicks_(std::move(clicks)) {
    const auto rate = static_cast<double>(sample_rate);
    sounds_.push_back(sound_of_voice(beat, rate));
    sounds_.push_back(sound_of_voice(first_beat, rate));
    for (const auto& voice : voices)
        sounds_.push_back(sound_of_voice(voice, rate));
    for (const auto& sound : sounds_)
        longest_ = std::max(longest_, static_cast<std::int64_t>(sound.size()));
}

const std::vector<float>& ClickTrack::sound_of(const Click& click) const {
    if (click.sound > 0)
        return sounds_[static_cast<std::size_t>(1 + std::min(click.sound, click_voices))];
    return sounds_[click.accent ? 1 : 0];
}

void ClickTrack::add_to(std::span<float> stereo, Samples from, float gain) const {
    const auto frames = static_cast<std::int64_t>(stereo.size() / 2);
    auto click =
        std::lower_bound(clicks_.begin(), clicks_.end(), from.value - longest_,
                         [](const Click& c, std::int64_t position) { return c.at.value <= position; });
    for (; click != clicks_.end() && click->at.value < from.value + frames; ++click) {
        const auto& sound = sound_of(*click);
        const auto start = click->at.value - from.value;
        for (auto i = std::max<std::int64_t>(start, 0); i < std::min(start + std::ssize(sound), frames);
             ++i) {
            const float value = gain * sound[static_cast<std::size_t>(i - start)];
            stereo[static_cast<std::size_t>(2 * i)] += value;
            stereo[static_cast<std::size_t>(2 * i + 1)] += value;
        }
    }
}

} // namespace pulsepin
