// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "time/anchor.h" // PinId

#include <cstdint>

namespace pulsepin {

struct ClipId {
    std::uint64_t value = 0; ///< 0 names no clip
    friend auto operator<=>(const ClipId&, const ClipId&) = default;
};

struct LaneId {
    std::uint64_t value = 0; ///< 0 names no lane
    friend auto operator<=>(const LaneId&, const LaneId&) = default;
};

struct LayerId {
    std::uint64_t value = 0; ///< 0 names no layer
    friend auto operator<=>(const LayerId&, const LayerId&) = default;
};

/// A lamp of the rig, or a group of them.
struct LampId {
    std::uint64_t value = 0; ///< 0 names none
    friend auto operator<=>(const LampId&, const LampId&) = default;
};

struct PlantingId {
    std::uint64_t value = 0; ///< 0: placed by hand
    friend auto operator<=>(const PlantingId&, const PlantingId&) = default;
};

} // namespace pulsepin
