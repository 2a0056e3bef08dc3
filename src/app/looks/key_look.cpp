// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/ease_handles.h"
#include "drawing/timeline/curve_lanes.h"
#include "kinds/kinds.h"
#include "looks/curve_look.h"
#include "looks/kind_looks.h"

namespace pulsepin {

const KindLook kinds::key_look{
    .kind = kinds::key_row,
    .height = [](const LaneSpans&) { return 58.0; },
    .paint = curve_look::paint_motion,
    .head_y = curve_look::bead_y,
    .grip = curve_look::key_grip,
    .grab = curve_look::grab_key,
    .hint = ease_handles::hint,
    .head = curve_look::bead,
    .colour = [](const Palette& palette) { return palette.motion; },
    .score_height = curve_look::score_height,
    .paint_score = paint_curve,
    .make_form = curve_look::make_key_form,
    .seen_choices = curve_look::eased,
    .rounding_matters = true,
    .begun_at = curve_look::key_at,
};

} // namespace pulsepin
