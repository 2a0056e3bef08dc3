// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <compare>
#include <cstdint>

namespace pulsepin {

/// A number with a unit that only mixes with its own kind. `value` is read where a unit is left on purpose.
template <class Unit, class Number>
struct Quantity {
    Number value{};

    constexpr Quantity() = default;
    constexpr explicit Quantity(Number number) : value(number) {}

    friend constexpr auto operator<=>(const Quantity&, const Quantity&) = default;
    friend constexpr Quantity operator+(Quantity a, Quantity b) { return Quantity(a.value + b.value); }
    friend constexpr Quantity operator-(Quantity a, Quantity b) { return Quantity(a.value - b.value); }
    friend constexpr Quantity operator-(Quantity a) { return Quantity(-a.value); }
    friend constexpr Quantity operator*(Quantity a, Number k) { return Quantity(a.value * k); }
    friend constexpr Quantity operator*(Number k, Quantity a) { return Quantity(a.value * k); }
    friend constexpr Quantity operator/(Quantity a, Number k) { return Quantity(a.value / k); }
    friend constexpr Number operator/(Quantity a, Quantity b) { return a.value / b.value; }
    constexpr Quantity& operator+=(Quantity b) { return *this = *this + b; }
    constexpr Quantity& operator-=(Quantity b) { return *this = *this - b; }
};

using Seconds = Quantity<struct SecondsUnit, double>;
using Samples = Quantity<struct SamplesUnit, std::int64_t>; ///< sample frames: one per channel
using Frames = Quantity<struct FramesUnit, std::int64_t>;   ///< pictures
using Ticks = Quantity<struct TicksUnit, std::int64_t>;     ///< 960 to the beat
using Beats = Quantity<struct BeatsUnit, double>;
using Bpm = Quantity<struct BpmUnit, double>;

} // namespace pulsepin
