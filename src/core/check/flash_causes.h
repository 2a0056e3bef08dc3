// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "check/checks.h"

namespace pulsepin {

/// What makes light come and go in a stretch of the piece: single triggers and pulses; lanes and effects that
/// act all the time.
struct FlashCauses {
    struct One {
        LaneId lane;
        PinId pin;
        Frames start;
    };
    std::vector<One> pins;       ///< triggers and pulses, by lanes and times; without locked ones
    std::vector<LaneId> lanes;   ///< of keys and followers that drive light
    std::vector<LayerId> layers; ///< that have a strobe of their own
    [[nodiscard]] bool empty() const { return pins.empty() && lanes.empty() && layers.empty(); }
};
[[nodiscard]] FlashCauses flash_causes(const CheckMaterial& material, Frames from, Frames until);

/// Those of them that strobe, and those that are triggers or strobe.
[[nodiscard]] FlashCauses strobes_of(const Project& project, const FlashCauses& causes);
[[nodiscard]] FlashCauses triggers_of(const Project& project, const FlashCauses& causes);

/// Whether a parameter makes a layer lighter, darker or another colour.
[[nodiscard]] bool changes_light(std::string_view parameter);

/// All of them with that share of their strength.
[[nodiscard]] Project with_softer(const Project& project, const FlashCauses& causes, double share);
/// The second, fourth ... of each lane; nothing where no lane has two.
[[nodiscard]] std::vector<PinId> every_other(const FlashCauses& causes);
/// Strobes turn three times a second at most, on parts of the beat where they are counted in beats. Fails
/// where there are none, or something drives their rate.
[[nodiscard]] Result<Project> with_slower(const Project& project, const FlashCauses& causes);
/// It acts on layers that can be made smaller, and on nothing else.
[[nodiscard]] bool can_be_smaller(const Project& project, const FlashCauses& causes);
[[nodiscard]] Project with_smaller(const Project& project, const FlashCauses& causes, double share);

} // namespace pulsepin
