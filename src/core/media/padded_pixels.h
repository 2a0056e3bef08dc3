// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <cstddef>
#include <cstdint>
#include <vector>

namespace pulsepin {

/// Rows of pixels of 4 bytes with room behind each and behind the last: what converts pictures works on many
/// pixels at once, and reads and writes beyond a row's end.
struct PaddedPixels {
    int width = 0, height = 0;
    std::size_t stride = 0; ///< bytes from a row to the next
    std::vector<std::uint8_t> bytes;

    PaddedPixels() = default;
    PaddedPixels(int wide, int high)
        : width(wide), height(high), stride((static_cast<std::size_t>(wide) * 4 + 127) / 64 * 64),
          bytes(stride * static_cast<std::size_t>(high) + 64) {}
    /// What lies between the rows does not count.
    friend bool operator==(const PaddedPixels& a, const PaddedPixels& b) {
        if (a.width != b.width || a.height != b.height)
            return false;
        for (int y = 0; y < a.height; ++y)
            if (!std::equal(a.row(y), a.row(y) + static_cast<std::size_t>(a.width) * 4, b.row(y)))
                return false;
        return true;
    }
    [[nodiscard]] std::uint8_t* row(int y) { return bytes.data() + static_cast<std::size_t>(y) * stride; }
    [[nodiscard]] const std::uint8_t* row(int y) const {
        return bytes.data() + static_cast<std::size_t>(y) * stride;
    }
};

} // namespace pulsepin
