// SPDX-License-Identifier: GPL-3.0-or-later
#include "looks/text_spans.h"

#include "drawing/canvas/gestures/stretch_trigger.h"

#include <QCoreApplication>
#include <cmath>

namespace pulsepin::text_spans {

double left_of(const LaneScene& s, const TextSpan& span) {
    return s.scale.x(span.start + time_of(s.lane.lead, s.scene.project.settings->frame_rate));
}

double right_of(const LaneScene& s, const TextSpan& span) {
    return s.scale.x(span.end + time_of(s.lane.lead, s.scene.project.settings->frame_rate));
}

std::vector<const TextSpan*> visible(const LaneScene& s) {
    std::vector<const TextSpan*> seen;
    const Seconds lead = time_of(s.lane.lead, s.scene.project.settings->frame_rate);
    const Seconds from = s.scale.time(s.row.left()) - lead, until = s.scale.time(s.row.right() + 8) - lead;
    for (const auto& span : s.spans.texts) {
        if (span.start > until)
            break; // they lie in order
        if (span.end >= from)
            seen.push_back(&span);
    }
    return seen;
}

std::optional<Grip> grip(const LaneScene& s, QPointF at, QRectF (*band)(const LaneScene&, const TextSpan&)) {
    const auto seen = visible(s);
    // Where one ends another often begins: the beginning comes first, the end is taken hold of beside it.
    for (const auto* span : seen) {
        const QRectF rect = band(s, *span);
        if (at.y() >= rect.top() - 2 && at.y() <= rect.bottom() + 2 && std::abs(at.x() - rect.left()) <= 5)
            return Grip{span->pin, GripPart::Head};
    }
    for (auto span = seen.rbegin(); span != seen.rend(); ++span) {
        const QRectF rect = band(s, **span);
        if (at.y() >= rect.top() && at.y() <= rect.bottom() && std::abs(at.x() - rect.right()) <= 9 &&
            rect.width() > 22)
            return Grip{(*span)->pin, GripPart::End};
    }
    for (auto span = seen.rbegin(); span != seen.rend(); ++span) {
        const QRectF rect = band(s, **span);
        if (rect.adjusted(-5, -2, 0, 2).contains(at))
            return Grip{(*span)->pin, at.x() < rect.left() + 8 ? GripPart::Head : GripPart::Body};
    }
    return std::nullopt;
}

std::unique_ptr<Gesture> grab(const GestureContext& context, const Grip& grip, QPointF at,
                              Qt::KeyboardModifiers keys) {
    if (grip.part == GripPart::End)
        return std::make_unique<StretchTrigger>(context, grip.pin, at);
    return move_pins(context, grip, at, keys);
}

QString hint(GripPart part) {
    return part == GripPart::End ? QCoreApplication::translate(
                                       "pulsepin::Canvas",
                                       "Drag the end to make it last longer or shorter · Shift counts frames")
                                 : QCoreApplication::translate(
                                       "pulsepin::Canvas", "Drag along the beats · Shift leaves the grid");
}

} // namespace pulsepin::text_spans
