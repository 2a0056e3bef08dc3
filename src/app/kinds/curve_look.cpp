// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/curve_look.h"

#include "details/pins_detail.h"
#include "stops/form_fields.h"
#include "timeline/curve_lanes.h"
#include "timeline/lane_paint.h"

#include <cmath>

namespace pulsepin::curve_look {

double bead_y(const Lane& lane, const LaneSpans& spans, const PinBody& body, double height) {
    const auto* key = std::get_if<KeyBody>(&body);
    return key ? curve_scale(lane, spans, height).y(key->value) : 8.0;
}

/// How much earlier the lane acts: from the head to what it drives.
void paint_lead(QPainter& painter, const LaneScene& s, const ResolvedPin& pin, QPointF head) {
    const double x = s.scene.scale.x(pin.acts_at);
    if (std::abs(x - head.x()) < 9)
        return;
    const double towards = x < head.x() ? 1 : -1;
    painter.setPen(QPen(s.scene.palette.motion, 1));
    painter.drawLine(QPointF(head.x() - 6 * towards, head.y()), QPointF(x, head.y()));
    painter.drawLine(QPointF(x, head.y()), QPointF(x + 3 * towards, head.y() - 3));
    painter.drawLine(QPointF(x, head.y()), QPointF(x + 3 * towards, head.y() + 3));
}

/// The curve with a bead where each pulse or key is.
void paint_motion(QPainter& painter, const LaneScene& s) {
    paint_curve(painter, s);
    const auto pins = visible_pins(s);
    const bool strokes = crowded(s, pins);
    const bool leads = time_of(s.lane.lead, s.scene.project.settings->frame_rate) != Seconds(0);
    for (const auto& pin : pins) {
        const double y = s.row.top() + bead_y(s.lane, s.spans, s.lane.pins[pin.index].body, s.row.height());
        const QPointF head(s.scene.scale.x(pin.time), y);
        if (strokes) {
            draw_stroke(painter, s, pin, y);
            continue;
        }
        if (leads)
            paint_lead(painter, s, pin, head);
        draw_head(painter, head_look(s, pin), head, s.scene.palette);
    }
}

std::optional<PinId> hit_keys(const LaneScene& s, QPointF at) {
    std::optional<PinId> nearest;
    double distance = head_reach;
    for (const auto& pin : visible_pins(s)) {
        const double y = s.row.top() + bead_y(s.lane, s.spans, s.lane.pins[pin.index].body, s.row.height());
        const double d = std::max(std::abs(s.scene.scale.x(pin.time) - at.x()), std::abs(y - at.y()));
        if (d <= distance) {
            distance = d;
            nearest = pin.id;
        }
    }
    return nearest;
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

PinsDetail* make_key_detail(Document& document) {
    return new KeyDetail(document);
}

} // namespace pulsepin::curve_look
