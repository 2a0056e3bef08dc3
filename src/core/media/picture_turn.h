// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>
#include <cstdint>
#include <span>
#include <utility>

namespace pulsepin {

/// How a stored picture lies when it is seen upright: turned by quarters, mirrored, or both. A pixel at (x,
/// y) of the stored picture is seen at (a x + c y, b x + d y), both counted from the corner that comes first.
struct PictureTurn {
    int a = 1, b = 0, c = 0, d = 1; ///< of -1, 0 and 1
    friend bool operator==(const PictureTurn&, const PictureTurn&) = default;

    [[nodiscard]] bool none() const { return *this == PictureTurn{}; }
    [[nodiscard]] bool swaps_sides() const { return a == 0; }
    /// Of the picture as it is seen.
    [[nodiscard]] std::pair<int, int> seen_size(int width, int height) const {
        return swaps_sides() ? std::pair(height, width) : std::pair(width, height);
    }
};

/// From a display matrix: nine numbers of fixed point, as in ISO/IEC 14496-12 (8.5.2, tkhd). Turns that are
/// no quarters, scales and shears are left out.
[[nodiscard]] PictureTurn turn_of_matrix(std::span<const std::int32_t, 9> matrix);

/// From an orientation of Exif 2.3 (tag 274), 1 to 8; upright for anything else.
[[nodiscard]] PictureTurn turn_of_exif(int orientation);

/// The turn, and then so many quarters clockwise.
[[nodiscard]] PictureTurn turned_on(PictureTurn turn, int quarters);

/// Writes the picture as it is seen; pixels of 4 bytes. `from` has `width` x `height` of them, with
/// `from_stride` bytes a row, `to` has room for the seen size with `to_stride`.
void turn_pixels(const PictureTurn& turn, const std::uint8_t* from, std::size_t from_stride, int width,
                 int height, std::uint8_t* to, std::size_t to_stride);

} // namespace pulsepin
