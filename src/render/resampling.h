// SPDX-License-Identifier: GPL-3.0-or-later
//
// Pixels between pixels, bilinearly, in whole numbers: four bytes a pixel, whatever they mean.
#pragma once

#include <QtGlobal>
#include <cmath>
#include <cstddef>
#include <cstdint>
#include <vector>

namespace pulsepin {

/// The two pixels of a row, or rows of an image, that a place lies between; in 256ths how much of the second.
struct Between {
    int first = 0, second = 0;
    std::uint32_t share = 0;

    /// `place`: 0 is the middle of the first pixel of `count`. Beyond the outer ones these go on.
    static Between held(double place, int count);
    /// Beyond the outer ones is a pixel that is called `nothing`.
    static Between bounded(double place, int count, int nothing);
};

/// The four bytes of a pixel with room between them, so that all are weighted by one multiplication.
inline std::uint64_t spread(std::uint32_t pixel) {
    return (pixel & 0x00ff00ffu) | static_cast<std::uint64_t>((pixel >> 8) & 0x00ff00ffu) << 32;
}
inline std::uint32_t gathered(std::uint64_t spread_pixel) {
    return static_cast<std::uint32_t>(spread_pixel) | static_cast<std::uint32_t>(spread_pixel >> 32) << 8;
}
/// Of two, in 256ths how much of the second.
inline std::uint64_t mixed(std::uint64_t first, std::uint64_t second, std::uint32_t share) {
    return ((first * (256 - share) + second * share + 0x0080'0080'0080'0080u) >> 8) & 0x00ff'00ff'00ff'00ffu;
}

/// So many 256ths of a pixel, its opacity as well.
inline std::uint32_t faded(std::uint32_t pixel, std::uint32_t share) {
    return gathered(mixed(0, spread(pixel), share));
}

/// Of four pixels, two and the two below them; in 256ths how far right and down.
inline std::uint32_t mixed_of_four(std::uint32_t left, std::uint32_t right, std::uint32_t below_left,
                                   std::uint32_t below_right, std::uint32_t share_right,
                                   std::uint32_t share_down) {
    const std::uint64_t row = mixed(spread(left), spread(right), share_right);
    const std::uint64_t below = mixed(spread(below_left), spread(below_right), share_right);
    return gathered(mixed(row, below, share_down));
}

/// out = above and below mixed, `share` 256ths of the second; so many bytes.
void mix_rows(const std::uint8_t* above, const std::uint8_t* below, std::uint32_t share, std::size_t bytes,
              std::uint8_t* out);

/// Each pixel of `out` from two of `row`, as `across` says.
void mix_across(const std::uint32_t* row, const std::vector<Between>& across, std::uint32_t* out);

} // namespace pulsepin
