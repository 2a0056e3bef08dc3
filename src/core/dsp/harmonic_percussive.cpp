// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/harmonic_percussive.h"

#include <algorithm>
#include <bit>
#include <cmath>

namespace pulsepin {
namespace {

std::size_t nearest_odd(double count) {
    return 2 * static_cast<std::size_t>(std::max(0.0, std::round((count - 1) / 2))) + 1;
}

/// The median of the last so many values, which begin as zeros. Kept in order, so that a further value costs
/// little.
class RunningMedian {
public:
    explicit RunningMedian(std::size_t count) : ring_(count), sorted_(count) { restart(); }
    void restart() {
        std::fill(ring_.begin(), ring_.end(), 0.0f);
        std::fill(sorted_.begin(), sorted_.end(), 0.0f);
        next_ = 0;
    }
    float add(float value) {
        const float gone = ring_[next_];
        ring_[next_] = value;
        next_ = next_ + 1 == ring_.size() ? 0 : next_ + 1;
        if (value != gone) {
            const auto from = std::lower_bound(sorted_.begin(), sorted_.end(), gone);
            const auto to = std::lower_bound(sorted_.begin(), sorted_.end(), value);
            if (value > gone) { // what lies between moves down
                std::move(from + 1, to, from);
                *(to - 1) = value;
            } else {
                std::move_backward(to, from, from + 1);
                *to = value;
            }
        }
        return sorted_[sorted_.size() / 2];
    }

private:
    std::vector<float> ring_, sorted_;
    std::size_t next_ = 0;
};

} // namespace

SeparationShape separation_shape(double sample_rate) {
    SeparationShape shape;
    shape.window = std::bit_ceil(static_cast<std::size_t>(std::max(64.0, sample_rate / 24)));
    shape.hop = shape.window / 4;
    shape.in_time = nearest_odd(0.2 * sample_rate / static_cast<double>(shape.hop));
    shape.in_frequency = nearest_odd(500.0 / sample_rate * static_cast<double>(shape.window));
    return shape;
}

std::vector<SoundKind> kinds_of_bins(std::span<const float> magnitudes, std::size_t bins,
                                     const SeparationShape& shape) {
    const std::size_t frames = magnitudes.size() / bins, before = shape.in_time / 2;
    if (frames <= 2 * before)
        return {};
    const std::size_t count = frames - 2 * before;
    std::vector<float> steady(count * bins);
    RunningMedian along(shape.in_time), across(shape.in_frequency);
    for (std::size_t bin = 0; bin < bins; ++bin) {
        along.restart();
        for (std::size_t frame = 0; frame < frames; ++frame) {
            const float median = along.add(magnitudes[frame * bins + bin]);
            if (frame >= 2 * before)
                steady[(frame - 2 * before) * bins + bin] = median;
        }
    }
    const std::size_t beside = shape.in_frequency / 2;
    std::vector<SoundKind> kinds(count * bins, SoundKind::Residual);
    for (std::size_t frame = 0; frame < count; ++frame) {
        across.restart();
        const auto now = magnitudes.subspan((frame + before) * bins, bins);
        for (std::size_t i = 0; i < bins + beside; ++i) {
            const float broad = across.add(i < bins ? now[i] : 0.0f);
            if (i < beside)
                continue;
            const std::size_t at = frame * bins + i - beside;
            if (steady[at] > shape.factor * broad)
                kinds[at] = SoundKind::Harmonic;
            else if (broad > 0 && broad >= shape.factor * steady[at])
                kinds[at] = SoundKind::Percussive;
        }
    }
    return kinds;
}

std::vector<float> medians_in_time(std::span<const float> magnitudes, std::size_t bins, std::size_t width) {
    const std::size_t frames = magnitudes.size() / bins, looked_at = (frames + 1) / 2;
    const std::size_t count = nearest_odd(static_cast<double>(width) / 2), beside = count / 2;
    std::vector<float> out(frames * bins);
    RunningMedian along(count);
    for (std::size_t bin = 0; bin < bins; ++bin) {
        along.restart();
        for (std::size_t i = 0; i < looked_at + beside; ++i) {
            const float median = along.add(i < looked_at ? magnitudes[2 * i * bins + bin] : 0.0f);
            if (i >= beside)
                out[2 * (i - beside) * bins + bin] = median;
        }
    }
    for (std::size_t frame = 1; frame < frames; frame += 2) {
        const float *before = out.data() + (frame - 1) * bins,
                    *after = frame + 1 < frames ? before + 2 * bins : before;
        for (std::size_t bin = 0; bin < bins; ++bin)
            out[frame * bins + bin] = (before[bin] + after[bin]) / 2;
    }
    return out;
}

} // namespace pulsepin
