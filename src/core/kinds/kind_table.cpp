// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/kinds.h"

#include <array>

namespace pulsepin {

// Alone in its file, so that a program with a table of its own (tests/app/thirteenth) is linked with that
// one.
std::span<const LaneKind> lane_kinds() {
    static const std::array table{
        LaneKind(kinds::marker_row),     LaneKind(kinds::word_row),    LaneKind(kinds::note_row),
        LaneKind(kinds::exposure_row),   LaneKind(kinds::cut_row),     LaneKind(kinds::sound_row),
        LaneKind(kinds::appearance_row), LaneKind(kinds::trigger_row), LaneKind(kinds::pulse_row),
        LaneKind(kinds::key_row),        LaneKind(kinds::pose_row),    LaneKind(kinds::follower_row),
        LaneKind(kinds::light_row)};
    return table;
}

} // namespace pulsepin
