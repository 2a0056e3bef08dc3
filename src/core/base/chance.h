// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>

namespace pulsepin {

/// Never the same for two seeds, always the same for one: 0 up to, not including, 1. SplitMix64 (Steele, Lea
/// and Flood 2014).
[[nodiscard]] inline double chance_of(std::uint64_t what, std::uint64_t seed) {
    std::uint64_t x = what + seed * 0x9e3779b97f4a7c15ull;
    x = (x ^ (x >> 30)) * 0xbf58476d1ce4e5b9ull;
    x = (x ^ (x >> 27)) * 0x94d049bb133111ebull;
    return static_cast<double>((x ^ (x >> 31)) >> 11) * 0x1p-53;
}

} // namespace pulsepin
