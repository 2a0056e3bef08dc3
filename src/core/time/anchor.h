// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "time/frame_rate.h"

#include <cstdint>
#include <variant>

namespace pulsepin {

struct PinId {
    std::uint64_t value = 0; ///< 0 names no pin
    friend auto operator<=>(const PinId&, const PinId&) = default;
};

/// Added to an anchor: a time, or a number of frames at the project's rate.
using Offset = std::variant<Seconds, Frames>;

[[nodiscard]] inline Seconds time_of(const Offset& offset, FrameRate rate) {
    if (const auto* frames = std::get_if<Frames>(&offset))
        return rate.start_of(*frames);
    return std::get<Seconds>(offset);
}

/// Tied to the grid: moves with its beat.
struct MusicalAnchor {
    Ticks at;
    Offset offset = Seconds(0);
    friend bool operator==(const MusicalAnchor&, const MusicalAnchor&) = default;
};

/// Loose: stays at its time whatever the grid does.
struct TimeAnchor {
    Seconds at;
    friend bool operator==(const TimeAnchor&, const TimeAnchor&) = default;
};

/// Tied to a marker: moves with it.
struct MarkerAnchor {
    PinId marker;
    Offset offset = Seconds(0);
    friend bool operator==(const MarkerAnchor&, const MarkerAnchor&) = default;
};

using Anchor = std::variant<MusicalAnchor, TimeAnchor, MarkerAnchor>;

} // namespace pulsepin
