// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/curve_look.h"
#include "kinds/kind_look.h"
#include "kinds/kinds.h"

namespace pulsepin {

const KindLook kinds::follower_look{
    .kind = kinds::follower_row,
    .height = [](const LaneSpans&) { return 64.0; },
    .head_y = curve_look::bead_y,
    .paint = curve_look::paint_motion,
    .hit = curve_look::hit_keys,
    .stems = false,
    .head = curve_look::bead,
    .colour = [](const Palette& palette) { return palette.motion; },
    .make_form = curve_look::make_key_form,
    .make_detail = curve_look::make_key_detail,
    .rounding_matters = true,
};

} // namespace pulsepin
