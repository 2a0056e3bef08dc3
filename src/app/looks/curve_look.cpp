// SPDX-License-Identifier: GPL-3.0-or-later
#include "looks/curve_look.h"

#include "drawing/canvas/gestures/bend_easing.h"
#include "drawing/canvas/gestures/move_pins.h"
#include "drawing/canvas/gestures/shape_follower.h"
#include "drawing/ease_handles.h"
#include "drawing/timeline/curve_lanes.h"
#include "drawing/timeline/lane_paint.h"
#include "model/edits.h"
#include "parts/form_fields.h"
#include "session/number_text.h"

#include <algorithm>
#include <cmath>

namespace pulsepin::curve_look {

double bead_y(const LaneScene& s, const PinBody& body) {
    const auto* key = body_if<KeyBody>(&body);
    if (key && key->role != KeyRole::Drawn) // its bar says what it does
        return s.row.top() + 5;
    return s.row.top() + (key ? curve_scale(s.lane, s.spans, s.row.height()).y(key->value) : 8.0);
}

/// Rounded to what a pixel can tell.
PinBody key_at(const LaneScene& s, PinBody body, double y) {
    if (auto* key = body_if<KeyBody>(&body); key && key->role == KeyRole::Drawn) {
        const auto scale = curve_scale(s.lane, s.spans, s.row.height());
        const double step = std::pow(10.0, std::floor(std::log10(std::max(scale.per_pixel(), 1e-9))));
        const double value = scale.low + (scale.bottom - (y - s.row.top())) * scale.per_pixel();
        key->value = std::clamp(std::round(value / step) * step, scale.low, scale.high);
    }
    return body;
}

/// How much earlier the lane acts: from the head to what it drives.
void paint_lead(QPainter& painter, const LaneScene& s, const ResolvedPin& pin, QPointF head) {
    const double x = s.scale.x(pin.acts_at);
    if (std::abs(x - head.x()) < 9)
        return;
    const double towards = x < head.x() ? 1 : -1;
    painter.setPen(QPen(s.scene.palette.motion, 1));
    painter.drawLine(QPointF(head.x() - 6 * towards, head.y()), QPointF(x, head.y()));
    painter.drawLine(QPointF(x, head.y()), QPointF(x + 3 * towards, head.y() - 3));
    painter.drawLine(QPointF(x, head.y()), QPointF(x + 3 * towards, head.y() + 3));
}

namespace {

/// It is drawn as a bar, by the curve.
bool lies_over(const LaneScene& s, const ResolvedPin& pin) {
    const auto* key = body_if<KeyBody>(&s.lane.pins[pin.index].body);
    return key && key->role != KeyRole::Drawn;
}

} // namespace

/// The curve with a bead where each pulse or key is.
void paint_motion(QPainter& painter, const LaneScene& s) {
    paint_curve(painter, s);
    if (is_keyed(s.lane.kind))
        ease_handles::paint(painter, s);
    LaneHeads heads(painter, s);
    const bool leads = time_of(s.lane.lead, s.scene.project.settings->frame_rate) != Seconds(0);
    for (const auto& pin : heads.pins()) {
        if (lies_over(s, pin))
            continue;
        const double y = bead_y(s, s.lane.pins[pin.index].body);
        if (leads && !heads.strokes())
            paint_lead(painter, s, pin, {s.scale.x(pin.time), y});
        heads.draw(pin, y);
    }
}

std::optional<Grip> key_grip(const LaneScene& s, QPointF at) {
    if (is_keyed(s.lane.kind))
        if (const auto handle = ease_handles::grip(s, at))
            return handle;
    if (const auto over = over_grip(s, at))
        return over;
    std::optional<Grip> nearest;
    double distance = head_reach;
    for (const auto& pin : visible_pins(s)) {
        if (lies_over(s, pin))
            continue;
        const double y = bead_y(s, s.lane.pins[pin.index].body);
        const double d = std::max(std::abs(s.scale.x(pin.time) - at.x()), std::abs(y - at.y()));
        if (d <= distance) {
            distance = d;
            nearest = Grip{pin.id};
        }
    }
    return nearest;
}

namespace {

/// How much lower a key is dragged, in its lane's values; to about three figures of its range.
double value_over(const LaneScene& s, double pixels) {
    constexpr double least = 4;
    if (std::abs(pixels) < least)
        return 0;
    const double per_pixel = curve_scale(s.lane, s.spans, s.row.height()).per_pixel();
    const double step = std::pow(10.0, std::floor(std::log10(std::max(per_pixel, 1e-9))));
    return std::round(pixels * per_pixel / step) * step;
}

Project lowered(const Project& project, std::span<const PinId> pins, double by) {
    return with_bodies(project, pins, [by](PinBody& body) {
        if (auto* key = body_if<KeyBody>(&body))
            key->value -= by;
    });
}

QString told(const PinBody& body) {
    const auto* key = body_if<KeyBody>(&body);
    return key ? QCoreApplication::translate("pulsepin::Gesture", "value %1")
                     .arg(short_number_text(key->value, 5))
               : QString();
}

constexpr Lift by_value{value_over, lowered, told};

} // namespace

std::unique_ptr<Gesture> grab_key(const GestureContext& context, const Grip& grip, QPointF at,
                                  Qt::KeyboardModifiers) {
    if (ease_handles::is_handle(grip.part))
        return std::make_unique<BendEasing>(context, grip, at);
    if (grip.part == GripPart::End || grip.part == GripPart::FadeIn || grip.part == GripPart::FadeOut)
        return std::make_unique<StretchOver>(context, grip.pin, grip.part, at);
    return std::make_unique<MovePins>(context, grip.pin, at, &by_value);
}

QPainterPath bead(QPointF at) {
    QPainterPath path;
    path.addEllipse(at, 5, 5);
    path.addEllipse(at, 2.2, 2.2);
    return path;
}

FormFields* make_key_form() {
    return new KeyForm;
}

} // namespace pulsepin::curve_look
