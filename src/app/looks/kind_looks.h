// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/kind_look.h"

namespace pulsepin {

namespace kinds {
extern const KindLook marker_look, cut_look, sound_look, trigger_look;
extern const KindLook pulse_look, key_look, pose_look, follower_look, appearance_look;
extern const KindLook word_look, note_look, exposure_look, light_look;
} // namespace kinds

} // namespace pulsepin
