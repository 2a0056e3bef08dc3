// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/event_panel.h"
#include "drawing/timeline/lane_paint.h"
#include "kinds/kinds.h"
#include "looks/event_course.h"
#include "looks/kind_looks.h"
#include "looks/lane_rows.h"
#include "pages/details/acts_field.h"
#include "stage/trigger_acts.h"

#include <QLinearGradient>
#include <algorithm>
#include <cmath>
#include <set>

namespace pulsepin {
namespace {

QRectF trigger_rect(const LaneScene& s, const TriggerSpan& span, int rows) {
    const auto rate = s.scene.project.settings->frame_rate;
    const double from = s.scale.x(rate.start_of(span.start)), until = s.scale.x(rate.start_of(span.end));
    const QRectF row = lane_rows::rect(s.row, span.row, rows);
    return {from, row.top(), until - from, row.height()};
}

std::span<const TriggerSpan> visible_triggers(const LaneScene& s) {
    const auto& spans = s.spans.triggers;
    const auto rate = s.scene.project.settings->frame_rate;
    const Frames last = rate.frame_at(s.scale.end()) + Frames(1);
    const Frames first = rate.frame_at(s.scale.start);
    auto from = std::partition_point(spans.begin(), spans.end(),
                                     [&](const TriggerSpan& x) { return x.start < first; });
    // Of those that began before, only the last of each row may still last.
    std::set<int> rows;
    for (int steps = 0; from != spans.begin() && steps < 1000; ++steps) {
        --from;
        rows.insert(from->row);
        if (std::ssize(rows) == s.spans.rows)
            break;
    }
    const auto until =
        std::partition_point(from, spans.end(), [&](const TriggerSpan& x) { return x.start <= last; });
    return {from, until};
}

QColor as_colour(Colour colour, float opacity = 1) {
    QColor made = QColor::fromRgb(static_cast<QRgb>(colour.rgb));
    made.setAlphaF(opacity);
    return made;
}

/// How each of its acts goes while it lasts.
void draw_acts(QPainter& painter, const QRectF& bar, const TriggerBody& body, const Palette& p) {
    painter.setPen(QPen(p.paper_text, 1));
    for (const auto& act : body.acts) {
        QPolygonF line;
        for (int i = 0; i <= 16; ++i)
            line << QPointF(bar.left() + bar.width() * i / 16,
                            bar.bottom() - 2 -
                                (bar.height() - 4) * std::clamp(way_at(act, i / 16.0), 0.0, 1.0));
        painter.drawPolyline(line);
    }
}

void paint_triggers(QPainter& painter, const LaneScene& s) {
    const auto& p = s.scene.palette;
    const int rows = s.spans.rows;
    Ink ink(painter);
    for (const auto& span : visible_triggers(s)) {
        const QRectF whole = trigger_rect(s, span, rows);
        const QRectF seen = whole & s.row;
        if (seen.width() <= 0 || span.hidden)
            continue;
        const auto& body = body_of<TriggerBody>(s.lane.pins[span.index].body);
        // As high as it is strong.
        const double high = std::max(3.0, whole.height() * std::clamp(body.strength / 100, 0.1, 1.0));
        const QRectF bar(seen.left(), whole.bottom() - high, std::max(1.5, seen.width() - 1), high);
        const bool marked = selected(s, span.pin);
        if (bar.width() < 5) { // no room for more than its colour; many such are drawn quickly
            ink.fill(bar.toRect().adjusted(0, 0, 1, 0), marked ? p.selection : as_colour(body.from));
            continue;
        }
        const float opacity = span.muted ? 0.2f : 0.8f;
        if (body.from == body.to) {
            ink.fill(bar, as_colour(body.from, opacity));
        } else {
            QLinearGradient ramp(whole.left(), 0, whole.right(), 0);
            ramp.setColorAt(0, as_colour(body.from, opacity));
            ramp.setColorAt(1, as_colour(body.to, opacity));
            painter.fillRect(bar, ramp);
        }
        ink.frame(bar, p.trigger);
        if (bar.width() > 22)
            draw_acts(painter, bar, body, p);
        if (span.cut_short) { // a step at the end: it would have lasted longer
            ink.fill(QRectF(bar.right() - 3, bar.top(), 3, bar.height()), p.trigger);
        }
        if (marked) {
            painter.setPen(QPen(p.selection, 2));
            painter.setBrush(Qt::NoBrush);
            painter.drawRect(bar.adjusted(1, 1, -1, -1));
        }
    }
    const auto open = EventPanel::in(s);
    if (open)
        open->paint(painter, s);
    LaneHeads heads(painter, s);
    for (const auto& pin : heads.pins()) {
        const double y = lane_rows::rect(s.row, row_of(s.lane.pins[pin.index].body), rows).center().y();
        // Of what lies open the bar above the course is dragged; what lies behind that cannot be taken hold
        // of.
        if (open && (pin.id == open->trigger || open->area.contains(QPointF(s.scale.x(pin.time), y))))
            continue;
        heads.draw(pin, y);
    }
}

/// The trigger whose end lies under the mouse.
std::optional<PinId> end_under(const LaneScene& s, QPointF at) {
    for (const auto& span : visible_triggers(s)) {
        const QRectF rect = trigger_rect(s, span, s.spans.rows);
        if (!span.hidden && at.y() >= rect.top() && at.y() <= rect.bottom() &&
            std::abs(at.x() - rect.right()) <= 4 && rect.width() > 14)
            return span.pin;
    }
    return std::nullopt;
}

std::optional<Grip> grip_of_trigger(const LaneScene& s, QPointF at) {
    if (const auto open = EventPanel::in(s); open && open->holds(at))
        return std::nullopt; // its keys are dragged, not what lies behind them
    if (const auto end = end_under(s, at))
        return Grip{*end, GripPart::End};
    if (const auto head = lane_rows::head_under(s, at, 4)) // the middle of the triangle
        return head;
    for (const auto& span : visible_triggers(s))
        if (trigger_rect(s, span, s.spans.rows).contains(at))
            return Grip{span.pin, GripPart::Body};
    return std::nullopt;
}

QPainterPath triangle(QPointF at) {
    QPainterPath path(at + QPointF(0, -6));
    path.lineTo(at + QPointF(9, 0));
    path.lineTo(at + QPointF(0, 6));
    path.closeSubpath();
    return path;
}

void paint_in_score(QPainter& painter, const LaneScene& s) {
    const auto& p = s.scene.palette;
    Ink ink(painter);
    for (const auto& span : visible_triggers(s)) {
        const QRectF seen = trigger_rect(s, span, s.spans.rows) & s.row;
        if (seen.width() <= 0 || span.hidden)
            continue;
        const QRectF bar(seen.left(), seen.top(), std::max(2.0, seen.width() - 1), seen.height());
        const auto& body = body_of<TriggerBody>(s.lane.pins[span.index].body);
        ink.fill(bar, as_colour(body.from, span.muted ? 0.2f : 0.8f));
        ink.frame(bar, p.trigger);
    }
}

std::optional<DoubleClicked> open_or_add_key(const GestureContext& context, const LaneScene& s, QPointF at) {
    return event_course::open_or_add_key(context, s, at, grip_of_trigger);
}

constexpr std::string_view seen_choices[] = {"effect"};

} // namespace

const KindLook kinds::trigger_look{
    .kind = kinds::trigger_row,
    .height = [](const LaneSpans& spans) { return 16 + lane_rows::row_height * spans.rows; },
    .paint = paint_triggers,
    .head_y =
        [](const LaneScene& s, const PinBody& body) {
            return lane_rows::rect(s.row, row_of(body), s.spans.rows).center().y();
        },
    .grip = grip_of_trigger,
    .grab = lane_rows::grab,
    .press = event_course::press,
    .press_hint = event_course::hint,
    .double_click = open_or_add_key,
    .hint = lane_rows::hint,
    .head = triangle,
    .colour = [](const Palette& palette) { return palette.trigger; },
    .hint_at = {9, 0},
    .score_height = 15,
    .paint_score = paint_in_score,
    .make_form = []() -> FormFields* { return new TriggerForm; },
    .seen_choices = seen_choices,
    .make_part = [](PinsDetail& detail) -> PinsDetailPart* { return new ActsField(detail); },
};

} // namespace pulsepin
