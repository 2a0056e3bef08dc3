// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/decimator.h"

#include "base/wide.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace pulsepin {

Decimator::Decimator(int factor) : factor_(factor) {
    if (factor <= 1) {
        factor_ = 1;
        taps_ = {1.0f};
        return;
    }
    // Six zero crossings a side under a Hann window, cut-off at 0.9 of the new half rate: what matters lies
    // well below it.
    const int half = 6 * factor;
    const double cut = 0.9 / factor;
    double sum = 0;
    std::vector<double> taps;
    for (int i = -half; i <= half; ++i) {
        const double x = std::numbers::pi * cut * i;
        const double sinc = i == 0 ? 1.0 : std::sin(x) / x;
        const double window = 0.5 + 0.5 * std::cos(std::numbers::pi * i / (half + 1));
        taps.push_back(sinc * window);
        sum += taps.back();
    }
    for (const double tap : taps)
        taps_.push_back(static_cast<float>(tap / sum));
}

namespace {

/// Eight sums side by side keep the result the same whatever the width of the processor's registers.
PULSEPIN_WIDE void filter(const float* taps, std::size_t count, const float* in, std::size_t step, float* out,
                          std::size_t outputs) {
    for (std::size_t i = 0; i < outputs; ++i) {
        const float* at = in + i * step;
        float sums[8] = {};
        std::size_t k = 0;
        for (; k + 8 <= count; k += 8)
            for (std::size_t lane = 0; lane < 8; ++lane)
                sums[lane] += taps[k + lane] * at[k + lane];
        for (; k < count; ++k)
            sums[0] += taps[k] * at[k];
        out[i] = ((sums[0] + sums[1]) + (sums[2] + sums[3])) + ((sums[4] + sums[5]) + (sums[6] + sums[7]));
    }
}

} // namespace

void Decimator::run(std::span<const float> in, std::span<float> out) const {
    if (factor_ == 1) {
        std::copy_n(in.begin(), out.size(), out.begin());
        return;
    }
    filter(taps_.data(), taps_.size(), in.data(), static_cast<std::size_t>(factor_), out.data(), out.size());
}

} // namespace pulsepin
