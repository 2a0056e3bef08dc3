// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>
#include <cstdint>

namespace pulsepin {

/// The largest whole number up to which a double tells neighbours apart. Nine hundred and sixty of them fit
/// into 64 bits, so that beats of that size can still be counted in ticks.
inline constexpr double largest_whole = 9007199254740992.0;

/// To a whole number, for any double: what lies beyond `largest_whole` becomes that, not-a-number becomes 0.
[[nodiscard]] inline std::int64_t whole_of(double value) {
    if (std::isnan(value))
        return 0;
    if (value >= largest_whole)
        return static_cast<std::int64_t>(largest_whole);
    if (value <= -largest_whole)
        return -static_cast<std::int64_t>(largest_whole);
    return static_cast<std::int64_t>(value);
}

/// The nearest whole number, halves away from zero; total, as whole_of().
[[nodiscard]] inline std::int64_t nearest_whole(double value) {
    return whole_of(std::round(value));
}
[[nodiscard]] inline std::int64_t floor_whole(double value) {
    return whole_of(std::floor(value));
}
[[nodiscard]] inline std::int64_t ceil_whole(double value) {
    return whole_of(std::ceil(value));
}

} // namespace pulsepin
