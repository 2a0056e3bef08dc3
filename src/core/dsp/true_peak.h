// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <span>
#include <vector>

namespace pulsepin {

/// The highest level between the samples of one channel: the largest of four times as many samples, made by a
/// filter of 48 coefficients in four phases (ITU-R BS.1770-4, annex 2), of two times as many from 96 kHz on,
/// and of the samples themselves from 192 kHz on. The filter is a sinc under a Hann window of 49 points, as
/// libebur128 has it, so that both measure the same.
class TruePeak {
public:
    explicit TruePeak(std::int64_t sample_rate);
    /// The largest of these samples, which follow those of the last call, and of what lies between them;
    /// without its sign, 1 is full scale.
    [[nodiscard]] float of_next(std::span<const float> samples);

private:
    static constexpr int taps = 49;
    int phases_ = 4, length_ = 0;
    std::vector<float> coefficients_; ///< phase by phase, for samples in the order of time
    std::vector<float> around_;       ///< the last ones of the block before, then those of this one
    std::vector<float> between_;
};

} // namespace pulsepin
