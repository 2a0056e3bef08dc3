// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/pin.h"

namespace pulsepin {

/// Lamps that are lit from a pin on.
struct LightBody {
    using pin_body = void;
    /// In which order lamps take their turn.
    enum class Pattern {
        Together,
        ByTurns,    ///< every second one, then the others, over its length
        Across,     ///< from the left to the right, one `each` after the other
        FromMiddle, ///< to both sides
        AtRandom,   ///< as Across, in an order of chance
        OneByOne    ///< its length is shared out
    };
    std::vector<LampId> on = {}; ///< lamps and groups; none: all
    Length length = {Length::Unit::InBeats, 1};
    Colour from = {0xf4b331}, to = {0xf4b331};
    double strength = 100;       ///< percent
    double attack = 0, fall = 0; ///< percent of its length
    Pattern pattern = Pattern::Together;
    double each = 0.5;                          ///< beats from a lamp's turn to the next one's
    bool backwards = false;                     ///< its pattern
    std::uint32_t seed = 1;                     ///< of an order of chance
    std::vector<TriggerAct::Point> course = {}; ///< of its strength, instead of attack and fall
    Length& lasting() { return length; }
    [[nodiscard]] bool beside(const LightBody& other) const { return on != other.on; }
    friend bool operator==(const LightBody&, const LightBody&) = default;
};

/// What a lane of lights is told besides.
struct Lighting {
    using lane_part = void;
    bool latest = false; ///< of several on one lamp the latest is seen; else the highest
    /// Strengths that a curve drives.
    struct Drive {
        LampId of;   ///< a lamp or a group; 0: all
        LaneId lane; ///< whose curve multiplies it
        friend bool operator==(const Drive&, const Drive&) = default;
    };
    std::vector<Drive> drives = {};
    friend bool operator==(const Lighting&, const Lighting&) = default;
};

} // namespace pulsepin
