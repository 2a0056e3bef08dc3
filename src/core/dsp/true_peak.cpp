// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/true_peak.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace pulsepin {

TruePeak::TruePeak(std::int64_t sample_rate)
    : phases_(sample_rate < 96'000    ? 4
              : sample_rate < 192'000 ? 2
                                      : 1) {
    length_ = (taps + phases_ - 1) / phases_;
    coefficients_.assign(static_cast<std::size_t>(phases_ * length_), 0.0f);
    for (int tap = 0; tap < taps; ++tap) {
        const double from_middle = tap - (taps - 1) / 2.0, angle = from_middle * std::numbers::pi / phases_;
        const double sinc = std::abs(from_middle) < 1e-6 ? 1 : std::sin(angle) / angle;
        const double window = 0.5 * (1 - std::cos(2 * std::numbers::pi * tap / (taps - 1)));
        // The newest sample meets the first coefficient.
        const int phase = tap % phases_, back = tap / phases_;
        coefficients_[static_cast<std::size_t>(phase * length_ + length_ - 1 - back)] =
            static_cast<float>(sinc * window);
    }
    around_.assign(static_cast<std::size_t>(length_ - 1), 0.0f);
}

float TruePeak::of_next(std::span<const float> samples) {
    const std::size_t count = samples.size(), before = static_cast<std::size_t>(length_ - 1);
    around_.insert(around_.end(), samples.begin(), samples.end());
    float highest = 0;
    for (const float sample : samples)
        highest = std::max(highest, std::abs(sample));
    if (phases_ > 1)
        for (int phase = 0; phase < phases_; ++phase) {
            between_.assign(count, 0.0f);
            const float* coefficient = coefficients_.data() + static_cast<std::ptrdiff_t>(phase) * length_;
            for (int k = 0; k < length_;
                 ++k, ++coefficient) { // over all samples at a time, for wide registers
                const float* from = around_.data() + k;
                const float times = *coefficient;
                for (std::size_t i = 0; i < count; ++i)
                    between_[i] += times * from[i];
            }
            for (const float value : between_)
                highest = std::max(highest, std::abs(value));
        }
    around_.erase(around_.begin(), around_.end() - static_cast<std::ptrdiff_t>(before));
    return highest;
}

} // namespace pulsepin
