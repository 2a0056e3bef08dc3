// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/colour.h"

#include "time/frame_rate.h"

#include <cstdint>

namespace pulsepin {

/// How long something lasts. The musical one is counted along the grid.
struct Length {
    enum class Unit {
        None,
        UntilNext,
        InBeats,
        InFrames,
        InMilliseconds,
        ToSectionEnd,
        ToEnd,
        WithWord, ///< as long as the word that it is tied to
        ToLineEnd ///< until the line of words that it belongs to ends
    };
    Unit unit = Unit::None;
    double amount = 0;
    /// Whether the amount says something.
    [[nodiscard]] bool counted() const {
        return unit == Unit::InBeats || unit == Unit::InFrames || unit == Unit::InMilliseconds;
    }
    friend bool operator==(const Length&, const Length&) = default;
};

} // namespace pulsepin
