// SPDX-License-Identifier: GPL-3.0-or-later
#include "params/colour.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

Colour mixed(Colour a, Colour b, double share) {
    std::uint32_t out = 0;
    for (const int shift : {16, 8, 0}) {
        const double from = static_cast<double>(a.rgb >> shift & 0xffu),
                     to = static_cast<double>(b.rgb >> shift & 0xffu);
        out |= static_cast<std::uint32_t>(std::lround(from + (to - from) * std::clamp(share, 0.0, 1.0)))
               << shift;
    }
    return {out};
}

} // namespace pulsepin
