// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/curve_lanes.h"
#include "kinds/kinds.h"
#include "looks/curve_look.h"
#include "looks/kind_looks.h"
#include "pages/details/pulse_shape_field.h"

namespace pulsepin {

const KindLook kinds::pulse_look{
    .kind = kinds::pulse_row,
    .height = [](const LaneSpans&) { return 58.0; },
    .paint = curve_look::paint_motion,
    .head_y = [](const LaneScene& s, const PinBody&) { return s.row.top() + 8; },
    .grip = head_grip,
    .head = curve_look::bead,
    .colour = [](const Palette& palette) { return palette.motion; },
    .score_height = curve_look::score_height,
    .paint_score = paint_curve,
    .make_form = []() -> FormFields* { return new PulseForm; },
    .make_part = [](PinsDetail& detail) -> PinsDetailPart* { return new PulseShapeField(detail); },
    .rounding_matters = true,
};

} // namespace pulsepin
