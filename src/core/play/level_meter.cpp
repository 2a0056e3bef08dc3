// SPDX-License-Identifier: GPL-3.0-or-later
#include "play/level_meter.h"

#include <algorithm>
#include <cmath>
#include <ebur128.h>

namespace pulsepin {
namespace {

constexpr double floor_db = -100;

struct Free {
    void operator()(ebur128_state* state) const { ebur128_destroy(&state); }
};

} // namespace

struct LevelMeter::State {
    std::int64_t rate;
    std::unique_ptr<ebur128_state, Free> loudness;
    double peak = 0;           ///< amplitude
    std::int64_t held_for = 0; ///< samples since the peak

    explicit State(std::int64_t r) : rate(r) { renew(); }
    void renew() {
        loudness.reset(ebur128_init(2, static_cast<unsigned long>(rate), EBUR128_MODE_S));
        peak = 0;
        held_for = 0;
    }
};

LevelMeter::LevelMeter(std::int64_t sample_rate) : state_(std::make_unique<State>(sample_rate)) {}
LevelMeter::~LevelMeter() = default;

void LevelMeter::reset() {
    state_->renew();
}

void LevelMeter::add(std::span<const float> stereo) {
    State& s = *state_;
    const auto frames = stereo.size() / 2;
    if (frames == 0)
        return;
    if (s.loudness)
        ebur128_add_frames_float(s.loudness.get(), stereo.data(), frames);
    s.held_for += static_cast<std::int64_t>(frames);
    if (s.held_for > s.rate / 2)
        s.peak *=
            std::pow(10.0, -static_cast<double>(frames) / static_cast<double>(s.rate)); // 20 dB a second
    double most = 0;
    for (const float v : stereo)
        most = std::max(most, std::abs(static_cast<double>(v)));
    if (most >= s.peak) {
        s.peak = most;
        s.held_for = 0;
    }
}

double LevelMeter::peak_db() const {
    return state_->peak > 1e-5 ? 20 * std::log10(state_->peak) : floor_db;
}

double LevelMeter::short_term_lufs() const {
    double lufs = floor_db;
    if (!state_->loudness || ebur128_loudness_shortterm(state_->loudness.get(), &lufs) != EBUR128_SUCCESS ||
        !std::isfinite(lufs))
        return floor_db;
    return std::max(lufs, floor_db);
}

} // namespace pulsepin
