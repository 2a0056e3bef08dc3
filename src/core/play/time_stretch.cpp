// SPDX-License-Identifier: GPL-3.0-or-later
#include "play/time_stretch.h"

#include <algorithm>
#include <array>
#include <rubberband/RubberBandStretcher.h>
#include <vector>

namespace pulsepin {

using RubberBand::RubberBandStretcher;

struct TimeStretch::State {
    RubberBandStretcher stretcher;
    double speed;
    std::array<std::vector<float>, 2> work{std::vector<float>(4096), std::vector<float>(4096)};
    std::size_t to_drop = 0;

    State(std::int64_t rate, double s)
        : stretcher(static_cast<std::size_t>(rate), 2,
                    RubberBandStretcher::OptionProcessRealTime | RubberBandStretcher::OptionEngineFaster |
                        RubberBandStretcher::OptionTransientsCrisp |
                        RubberBandStretcher::OptionChannelsTogether,
                    1 / s, 1.0),
          speed(s) {}

    void drop_delay() {
        while (to_drop > 0 && stretcher.available() > 0) {
            const auto part =
                std::min({to_drop, static_cast<std::size_t>(stretcher.available()), work[0].size()});
            float* out[] = {work[0].data(), work[1].data()};
            to_drop -= stretcher.retrieve(out, part);
        }
    }
};

TimeStretch::TimeStretch(std::int64_t sample_rate, double speed)
    : state_(std::make_unique<State>(sample_rate, std::clamp(speed, slowest, fastest))) {
    state_->stretcher.setMaxProcessSize(block);
    // The library wants to be led in with silence and gives a delay in return; both are got over with here.
    std::vector<float> silence(2 * block, 0.0f);
    for (auto pad = state_->stretcher.getPreferredStartPad(); pad > 0;) {
        const auto part = std::min(pad, block);
        feed(std::span(silence).first(2 * part));
        pad -= part;
    }
    state_->to_drop = state_->stretcher.getStartDelay();
    state_->drop_delay();
}

TimeStretch::~TimeStretch() = default;

double TimeStretch::speed() const {
    return state_->speed;
}

std::size_t TimeStretch::available() const {
    return static_cast<std::size_t>(std::max(state_->stretcher.available(), 0));
}

void TimeStretch::feed(std::span<const float> stereo) {
    auto& s = *state_;
    const auto frames = stereo.size() / 2;
    for (std::size_t i = 0; i < frames; ++i) {
        s.work[0][i] = stereo[2 * i];
        s.work[1][i] = stereo[2 * i + 1];
    }
    const float* in[] = {s.work[0].data(), s.work[1].data()};
    s.stretcher.process(in, frames, false);
    s.drop_delay();
}

void TimeStretch::pull(std::span<float> stereo) {
    auto& s = *state_;
    std::size_t done = 0;
    const auto frames = stereo.size() / 2;
    while (done < frames) {
        const auto part = std::min(frames - done, s.work[0].size());
        float* out[] = {s.work[0].data(), s.work[1].data()};
        const auto got = s.stretcher.retrieve(out, part);
        if (got == 0)
            return;
        for (std::size_t i = 0; i < got; ++i) {
            stereo[2 * (done + i)] = s.work[0][i];
            stereo[2 * (done + i) + 1] = s.work[1][i];
        }
        done += got;
    }
}

} // namespace pulsepin
