// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <array>
#include <cstddef>
#include <cstring>

namespace pulsepin {

/// out[i] = the median of rows[0][i] to rows[n - 1][i], of i in [0, count); n is odd, no value may be NaN. Of
/// a bit more than half of the values the least and the greatest cannot be the median; they give way to the
/// next one, until three are left. Each comparison is made for eight at a time.
template <std::size_t n>
[[gnu::always_inline]] inline void medians(const std::array<const float*, n>& rows, std::size_t count,
                                           float* out) {
    static_assert(n % 2 == 1 && n >= 3);
    constexpr std::size_t lane = 8;
    using Lanes = float __attribute__((vector_size(lane * sizeof(float))));
    for (std::size_t at = 0; at < count; at += lane) {
        const std::size_t bytes = std::min(lane, count - at) * sizeof(float);
        const auto read = [&](std::size_t row, Lanes& values) {
            if (bytes == sizeof(Lanes))
                std::memcpy(&values, rows[row] + at, sizeof(Lanes));
            else
                std::memcpy(&values, rows[row] + at, bytes);
        };
        Lanes kept[n / 2 + 2]{};
        std::size_t left = n / 2 + 2, next = left;
        for (std::size_t k = 0; k < left; ++k)
            read(k, kept[k]);
        const auto in_order = [](Lanes& low, Lanes& high) {
            const auto swapped = low > high;
            const Lanes less = swapped ? high : low;
            high = swapped ? low : high;
            low = less;
        };
        for (;; --left) {
            for (std::size_t k = 1; k < left; ++k) // the least comes first,
                in_order(kept[0], kept[k]);
            for (std::size_t k = 1; k + 1 < left; ++k) // and the greatest last.
                in_order(kept[k], kept[left - 1]);
            if (left == 3)
                break;
            read(next++, kept[0]);
        }
        std::memcpy(out + at, &kept[1], bytes);
    }
}

} // namespace pulsepin
