// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>

namespace pulsepin {

/// How a title is set, the same for all who draw it. The face is Inter, in a weight that the program ships.
namespace title {

inline constexpr const char* family = "Inter";
inline constexpr const char* style = "SemiBold";
inline constexpr int weight = 600;

/// Of the letters, in the picture's pixels.
[[nodiscard]] inline int size(int picture_height) {
    return std::max(1, picture_height / 9);
}
/// How far the baseline lies under the middle of the line: capitals stand in the middle.
[[nodiscard]] inline double baseline(int picture_height) {
    return size(picture_height) * 0.36;
}

} // namespace title

} // namespace pulsepin
