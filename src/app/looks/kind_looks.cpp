// SPDX-License-Identifier: GPL-3.0-or-later
#include "looks/kind_looks.h"

#include <array>

namespace pulsepin {

// Alone in its file, so that a program with a table of its own (tests/app/thirteenth) is linked with that
// one.
std::span<const KindLook* const> kind_looks() {
    static const std::array<const KindLook*, 13> table{
        &kinds::marker_look, &kinds::word_look,  &kinds::note_look,       &kinds::exposure_look,
        &kinds::cut_look,    &kinds::sound_look, &kinds::appearance_look, &kinds::trigger_look,
        &kinds::pulse_look,  &kinds::key_look,   &kinds::pose_look,       &kinds::follower_look,
        &kinds::light_look};
    return table;
}

} // namespace pulsepin
