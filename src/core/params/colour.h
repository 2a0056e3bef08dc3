// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <compare>
#include <cstdint>

namespace pulsepin {

struct Colour {
    std::uint32_t rgb = 0xffffff; ///< 0xRRGGBB in sRGB
    friend auto operator<=>(const Colour&, const Colour&) = default;
};

/// In a straight line from one to the other, channel by channel, as they are coded.
[[nodiscard]] Colour mixed(Colour a, Colour b, double share_of_b);

} // namespace pulsepin
