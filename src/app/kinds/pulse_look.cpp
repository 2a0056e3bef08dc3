// SPDX-License-Identifier: GPL-3.0-or-later
#include "details/pins_detail.h"
#include "kinds/curve_look.h"
#include "kinds/kind_look.h"
#include "kinds/kinds.h"
#include "timeline/lane_paint.h"

namespace pulsepin {

const KindLook kinds::pulse_look{
    .kind = kinds::pulse_row,
    .height = [](const LaneSpans&) { return 58.0; },
    .head_y = [](const Lane&, const LaneSpans&, const PinBody&, double) { return 8.0; },
    .paint = curve_look::paint_motion,
    .hit = head_under,
    .head = curve_look::bead,
    .colour = [](const Palette& palette) { return palette.motion; },
    .make_form = []() -> FormFields* { return new PulseForm; },
    .make_detail = [](Document& document) -> PinsDetail* { return new PulseDetail(document); },
    .rounding_matters = true,
};

} // namespace pulsepin
