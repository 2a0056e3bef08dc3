// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/gestures/shape_follower.h"
#include "drawing/timeline/curve_lanes.h"
#include "kinds/kinds.h"
#include "looks/curve_look.h"
#include "looks/kind_looks.h"

namespace pulsepin {

namespace {

std::unique_ptr<Gesture> press(const GestureContext& context, const LaneScene& lane, QPointF at) {
    if (lane.lane.locked)
        return nullptr;
    if (const auto line = level_line_under(lane, at))
        return std::make_unique<DragLevel>(context, lane, *line, at);
    if (const auto top = curve_top_under(lane, at))
        return std::make_unique<LiftTop>(context, lane, *top, at);
    return nullptr;
}

QString press_hint(const LaneScene& lane, QPointF at) {
    if (level_line_under(lane, at))
        return QCoreApplication::translate("pulsepin::Gesture",
                                           "Drag the level up or down · Shift goes slowly");
    if (curve_top_under(lane, at))
        return QCoreApplication::translate(
            "pulsepin::Gesture",
            "Drag a top of the curve up or down: it stays on its hit · Shift goes slowly");
    return {};
}

} // namespace

const KindLook kinds::follower_look{
    .kind = kinds::follower_row,
    .height = [](const LaneSpans&) { return 64.0; },
    .paint = curve_look::paint_motion,
    .stems = false,
    .head_y = curve_look::bead_y,
    .grip = curve_look::key_grip,
    .grab = curve_look::grab_key,
    .press = press,
    .press_hint = press_hint,
    .head = curve_look::bead,
    .colour = [](const Palette& palette) { return palette.motion; },
    .score_height = curve_look::score_height,
    .paint_score = paint_curve,
    .make_form = []() -> FormFields* { return new CurveKeyForm; },
    .rounding_matters = true,
};

} // namespace pulsepin
