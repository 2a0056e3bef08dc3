// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/pin.h"

namespace pulsepin::test {

/// A stretch of a sound with its fades, in seconds.
inline SoundBody sound(double in, double length, double fade_in = 0, double fade_out = 0) {
    SoundBody body;
    body.in_point = Seconds(in);
    body.length = Seconds(length);
    body.fade_in = Seconds(fade_in);
    body.fade_out = Seconds(fade_out);
    return body;
}

} // namespace pulsepin::test
