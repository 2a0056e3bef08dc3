// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect.h"

#include <array>
#include <cmath>

namespace pulsepin {
namespace {

// Three flashes a second are the most that is safe for everybody (WCAG 2.x, 2.3.1); more is possible, and
// told.
constexpr std::array<Parameter, 2> own{{
    {"strobe", "strobe", "%", 0, 0, 100, 0, 100},
    {"strobe-rate", "strobe rate", "a second", 2.5, 0.1, 30, 1, 3},
}};

/// Seen for one half of each turn, dark for the other.
void place(Placement& placement, const EffectContext& context) {
    const double turns = context.values.turns("strobe-rate", context.seconds);
    if (turns - std::floor(turns + 1e-9) >= 0.5 - 1e-9)
        placement.opacity *= 1 - context.values.of("strobe") / 100;
}

/// Lit by a lamp of the trigger's colour.
void paint(cv::Mat& image, const EffectContext& context) {
    if (const auto colour = context.values.light("strobe"))
        cv::multiply(image, channels_of(*colour), image);
}

} // namespace

const EffectRow strobe_effect{"strobe", "Strobe", own,           "none: it starts on the beat",
                              place,    paint,    "strobe-rate", true};

} // namespace pulsepin
