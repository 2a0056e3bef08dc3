// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <bit>
#include <cstdint>

namespace pulsepin {

/// log2 of a positive, finite number to within 1e-6 times its size: exponent by its bits, mantissa by the
/// series of the inverse hyperbolic tangent.
[[nodiscard]] inline float fast_log2(float value) {
    const auto bits = std::bit_cast<std::uint32_t>(value);
    // The mantissa is brought to 0.707..1.414, where the series is short.
    const std::uint32_t shifted = bits - 0x3f3504f3u;
    const auto exponent = static_cast<float>(static_cast<std::int32_t>(shifted) >> 23);
    const float mantissa = std::bit_cast<float>((shifted & 0x007fffffu) + 0x3f3504f3u);
    const float t = (mantissa - 1) / (mantissa + 1);
    const float square = t * t;
    const float series = 1 + square * (1.0f / 3 + square * (0.2f + square * (1.0f / 7)));
    return exponent + 2.885390082f * t * series;
}

/// log10(1 + value) for value >= 0.
[[nodiscard]] inline float log10_of_one_and(float value) {
    return 0.301029996f * fast_log2(1 + value);
}

} // namespace pulsepin
