// SPDX-License-Identifier: GPL-3.0-or-later
#include "looks/kind_looks.h"

#include <algorithm>
#include <array>

namespace pulsepin {
namespace {

const std::array<const KindLook*, 12> table{
    &kinds::marker_look, &kinds::word_look,  &kinds::note_look,       &kinds::exposure_look,
    &kinds::cut_look,    &kinds::sound_look, &kinds::appearance_look, &kinds::trigger_look,
    &kinds::pulse_look,  &kinds::key_look,   &kinds::pose_look,       &kinds::follower_look};

} // namespace

std::span<const KindLook* const> kind_looks() {
    return table;
}

const KindLook& look_of_kind(LaneKind kind) {
    return **std::find_if(table.begin(), table.end(),
                          [kind](const KindLook* look) { return LaneKind(look->kind) == kind; });
}

} // namespace pulsepin
