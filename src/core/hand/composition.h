// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/composition.h"

#include <span>
#include <string>
#include <vector>

namespace pulsepin {

/// What the layers are made of, with what lies in those that are groups, and with all lanes that move them.
/// The stretch becomes its beginning and its length. Fails without layers or a grid, and where the stretch is
/// empty.
[[nodiscard]] Result<Composition> composition_of(const Project& project, std::span<const LayerId> layers,
                                                 std::string name, Ticks from, Ticks until);

/// Where it is used, and what fills the places in it.
struct CompositionUse {
    Ticks from, until;
    LayerId shots = {};    ///< that its shots stand for; 0: the first layer of shots
    ClipId picture = {};   ///< in each picture that shows none; 0: the first picture of the bin
    std::string text = {}; ///< instead of its first title's; empty: as it is
    std::string row = {};  ///< of onsets: what it placed on onsets or beats is on those; empty: as it says
};

struct CompositionUsed {
    Project project;
    LayerId layer; ///< what was made: its only layer, or the group of them; 0: it moves what was there
    std::vector<LaneId> lanes; ///< that were made
};

/// Its layers, below the camera and in a group of its name where they are several, and its lanes. What was
/// placed by a picker is placed by it again, over all of the stretch; else what lies in the composition's
/// first half keeps its distance from the beginning, what lies in its second half that from the end, and what
/// lasted all the time does. Rows of onsets that are not there are beats. Fails without a grid, and where the
/// stretch is empty.
[[nodiscard]] Result<CompositionUsed> with_composition(const Project& project, const Composition& composition,
                                                       const CompositionUse& use);

/// The stretch that is meant at a moment: the range, else the section, else four bars from the bar of the
/// moment on.
struct Meant {
    Ticks from, until;
};
[[nodiscard]] Result<Meant> stretch_meant(const Project& project, const std::optional<TimeSpan>& range,
                                          Seconds at);

/// Where it is let go: at a moment, over a lane, one of its pins or a row of onsets.
struct CompositionPlace {
    Seconds at;
    LaneId lane = {};
    std::optional<PinId> pin = {};
    std::string row = {};
};
/// Over the section of that moment, or the range that holds it, or four bars; on a lane of cuts over the shot
/// that is seen there; on a lane of markers from the marker (there, or before) to the next one; on a row of
/// onsets it is placed on those. Fails without a grid.
[[nodiscard]] Result<CompositionUse> use_let_go(const Project& project, const CompositionPlace& place,
                                                const std::optional<TimeSpan>& range);

/// Those that ship (hand/ready_compositions.cpp).
[[nodiscard]] const std::vector<Composition>& ready_compositions();

} // namespace pulsepin
