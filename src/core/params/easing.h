// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <string>

namespace pulsepin {

/// How a value goes from one to another: a row of easings() with what it can be bent by.
struct Easing {
    std::string id = "linear";
    std::array<double, 4> handles{0.25, 0.1, 0.25, 1}; ///< of "bezier": x1, y1, x2, y2, as CSS has them
    double amount = 1.70158; ///< of "back": how far it overshoots; of "steps": how many
    friend bool operator==(const Easing&, const Easing&) = default;
};

} // namespace pulsepin
