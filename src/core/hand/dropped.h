// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/hand_edits.h"

namespace pulsepin {

/// What is dragged by the mouse from a list: a clip of the bin, a pulse by its name, or a parameter of a
/// layer, a word of a tray.
/// A word that waits, by its place in the text.
struct WaitingWord {
    int place = 0;
    friend bool operator==(const WaitingWord&, const WaitingWord&) = default;
};
using DraggedItem = std::variant<ClipId, Pulse, Target, WaitingWord>;

/// The cut whose shot a clip would take over, dropped there on a lane of cuts: where it is `replacing` the
/// one that is seen there (`under`), else only an empty slate, or a cut that acts on that very frame. None:
/// it is a cut of its own.
[[nodiscard]] std::optional<PinId> cut_taken_over(const Schedule& schedule, const Lane& lane,
                                                  std::optional<PinId> under, Seconds at, bool replacing);

/// What comes of dropping it on a lane, on one of its pins or at a moment beside them:
///   a clip on a lane of cuts: the shot of that cut (`pin`) becomes it, or a cut to it is added; on a
///   lane of sounds: its sound is laid there; a pulse on a lane of pulses: all its places take the shape, or
///   the one it was dropped on; a parameter on a lane that drives something: it is driven by it too; a
///   waiting word on its lane: it is set there.
/// Fails, saying where it belongs, for anything else.
[[nodiscard]] Result<HandEdited> dropped_on_lane(const Schedule& schedule, const DraggedItem& item,
                                                 LaneId lane, std::optional<PinId> pin, Seconds at);

} // namespace pulsepin
