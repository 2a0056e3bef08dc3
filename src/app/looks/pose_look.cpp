// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/gestures/bend_easing.h"
#include "drawing/canvas/gestures/move_pins.h"
#include "drawing/ease_handles.h"
#include "drawing/timeline/curve_lanes.h"
#include "drawing/timeline/lane_paint.h"
#include "kinds/kinds.h"
#include "looks/curve_look.h"
#include "looks/kind_looks.h"

namespace pulsepin {
namespace {

/// A pose stands where one move ends and the next begins: alternately below and above.
double pose_y(const LaneScene& s, const ResolvedPin& pin) {
    const CurveScale scale = curve_scale(s.lane, s.spans, s.row.height());
    return s.row.top() + scale.y(s.spans.keys.value_at(static_cast<double>(pin.frame.value)));
}

void paint(QPainter& painter, const LaneScene& s) {
    paint_curve(painter, s);
    ease_handles::paint(painter, s);
    LaneHeads heads(painter, s);
    for (const auto& pin : heads.pins())
        heads.draw(pin, pose_y(s, pin));
}

std::optional<Grip> grip(const LaneScene& s, QPointF at) {
    if (const auto handle = ease_handles::grip(s, at))
        return handle;
    std::optional<Grip> nearest;
    double distance = head_reach;
    for (const auto& pin : visible_pins(s)) {
        const double d = std::max(std::abs(s.scale.x(pin.time) - at.x()), std::abs(pose_y(s, pin) - at.y()));
        if (d <= distance) {
            distance = d;
            nearest = Grip{pin.id};
        }
    }
    return nearest;
}

std::unique_ptr<Gesture> grab(const GestureContext& context, const Grip& grip, QPointF at,
                              Qt::KeyboardModifiers keys) {
    if (ease_handles::is_handle(grip.part))
        return std::make_unique<BendEasing>(context, grip, at);
    return move_pins(context, grip, at, keys);
}

/// The picture's frame, and in it a smaller one.
QPainterPath head(QPointF at) {
    QPainterPath path;
    path.addRoundedRect(QRectF(at.x() - 6, at.y() - 5, 12, 10), 2, 2);
    path.addRect(QRectF(at.x() - 3, at.y() - 1, 5, 3.5));
    return path;
}

} // namespace

const KindLook kinds::pose_look{
    .kind = kinds::pose_row,
    .height = [](const LaneSpans&) { return 58.0; },
    .paint = paint,
    .head_y = [](const LaneScene& s, const PinBody&) { return s.row.center().y(); },
    .grip = grip,
    .grab = grab,
    .hint = ease_handles::hint,
    .head = head,
    .colour = [](const Palette& palette) { return palette.motion; },
    .score_height = curve_look::score_height,
    .paint_score = paint_curve,
    .seen_choices = curve_look::eased,
    .rounding_matters = true,
};

} // namespace pulsepin
