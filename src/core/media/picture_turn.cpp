// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/picture_turn.h"

#include <algorithm>
#include <cstdlib>
#include <cstring>

namespace pulsepin {

PictureTurn turn_of_matrix(std::span<const std::int32_t, 9> matrix) {
    // a b u / c d v / x y w: a point is a row that is multiplied from the left.
    const std::int64_t a = matrix[0], b = matrix[1], c = matrix[3], d = matrix[4];
    const auto sign = [](std::int64_t value) { return value < 0 ? -1 : 1; };
    if (a == 0 && b == 0)
        return {};
    if (std::abs(a) + std::abs(d) >= std::abs(b) + std::abs(c))
        return {sign(a), 0, 0, sign(d)};
    return {0, sign(b), sign(c), 0};
}

PictureTurn turn_of_exif(int orientation) {
    switch (orientation) {
    case 2:
        return {-1, 0, 0, 1};
    case 3:
        return {-1, 0, 0, -1};
    case 4:
        return {1, 0, 0, -1};
    case 5:
        return {0, 1, 1, 0};
    case 6:
        return {0, 1, -1, 0};
    case 7:
        return {0, -1, -1, 0};
    case 8:
        return {0, -1, 1, 0};
    default:
        return {};
    }
}

PictureTurn turned_on(PictureTurn turn, int quarters) {
    for (int i = 0; i < ((quarters % 4) + 4) % 4; ++i)
        turn = {-turn.b, turn.a, -turn.d, turn.c}; // what was down is left: (x, y) comes to (-y, x)
    return turn;
}

void turn_pixels(const PictureTurn& turn, const std::uint8_t* from, std::size_t from_stride, int width,
                 int height, std::uint8_t* to, std::size_t to_stride) {
    const auto [seen_width, seen_height] = turn.seen_size(width, height);
    // The inverse of a turn is its transpose; what would be counted below 0 is counted from the far end.
    const int x_base = turn.a < 0 || turn.b < 0 ? width - 1 : 0,
              y_base = turn.c < 0 || turn.d < 0 ? height - 1 : 0;
    constexpr int tile = 32; // so that columns that become rows stay near the processor
    for (int top = 0; top < seen_height; top += tile)
        for (int left = 0; left < seen_width; left += tile)
            for (int y = top; y < std::min(top + tile, seen_height); ++y) {
                auto* out = to + static_cast<std::size_t>(y) * to_stride + static_cast<std::size_t>(left) * 4;
                for (int x = left; x < std::min(left + tile, seen_width); ++x, out += 4) {
                    const auto source_x = static_cast<std::size_t>(turn.a * x + turn.b * y + x_base);
                    const auto source_y = static_cast<std::size_t>(turn.c * x + turn.d * y + y_base);
                    std::memcpy(out, from + source_y * from_stride + source_x * 4, 4);
                }
            }
}

} // namespace pulsepin
