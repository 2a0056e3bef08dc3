// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>

namespace pulsepin {

/// From `least` to `most`, both included.
template <class Number>
struct Range {
    Number least, most;

    /// False for not-a-number.
    [[nodiscard]] constexpr bool holds(Number value) const { return value >= least && value <= most; }
    [[nodiscard]] constexpr Number nearest(Number value) const { return std::clamp(value, least, most); }
};

} // namespace pulsepin
