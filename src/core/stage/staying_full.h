// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "stage/effects.h"

#include <optional>

namespace pulsepin {

/// What fills the picture and turns or is shaken shows its edges; overscan enlarges it by just what hides
/// them.
struct FullPicture {
    double width = 1280, height = 720;
    bool camera = false; ///< it is what looks at the picture, so that it moves the other way
    bool turns = true;   ///< what lanes turn it by is covered as well, not only what effects do
};

/// By how much a scale has to grow so that what is put there hides the whole frame; 1 where it does. Nothing
/// where no scale would: its middle, or what it turns about, lies outside.
[[nodiscard]] std::optional<double> enlarged_to_fill(const Placement& at, const FullPicture& full);

/// The same for a layer whose values are `own` by itself and `driven` at a moment. What its effects shift and
/// turn, and what lanes turn, is hidden; where lanes put it, or make it smaller, is meant. 1 where its own
/// values leave an edge in sight: it is not meant to fill the picture then.
[[nodiscard]] double enlarged_to_stay_full(const LayerValues& own, const LayerValues& driven, double seconds,
                                           const FullPicture& full);

} // namespace pulsepin
