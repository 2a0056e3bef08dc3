// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/event_panel.h"
#include "drawing/timeline/lane_paint.h"
#include "kinds/kinds.h"
#include "looks/event_course.h"
#include "looks/kind_looks.h"
#include "looks/lane_rows.h"
#include "pages/details/acts_field.h"
#include "pages/stops/appearance_form.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

double x_of(const LaneScene& s, double frame) {
    return s.scale.x(Seconds(frame / s.scene.project.settings->frame_rate.per_second()));
}

QRectF whole_rect(const LaneScene& s, const AppearanceSpan& span) {
    const QRectF row = lane_rows::rect(s.row, span.row, s.spans.rows);
    const double from = x_of(s, static_cast<double>(span.comes.value)),
                 until = x_of(s, static_cast<double>(span.end.value));
    return {from, row.top(), until - from, row.height()};
}

/// Those that are in view. Any may last long: all that came before are looked at.
std::vector<const AppearanceSpan*> visible(const LaneScene& s) {
    std::vector<const AppearanceSpan*> seen;
    for (const auto& span : s.spans.appearances) {
        const QRectF rect = whole_rect(s, span);
        if (rect.left() > s.row.right())
            break; // they lie in order
        if (rect.right() >= s.row.left())
            seen.push_back(&span);
    }
    return seen;
}

/// Rising while it comes, falling while it goes.
QPainterPath outline(const LaneScene& s, const AppearanceSpan& span, const QRectF& rect) {
    const double start = static_cast<double>(span.comes.value), end = static_cast<double>(span.end.value);
    const Showing& showing = *part_of<Showing>(s.lane);
    const double there = showing.comes.move == "none" ? start : std::min(start + span.coming, end);
    const double leaving = showing.goes.move == "none" ? end : std::max(end - span.going, there);
    QPainterPath path(rect.bottomLeft());
    path.lineTo(x_of(s, there), rect.top());
    path.lineTo(x_of(s, leaving), rect.top());
    path.lineTo(rect.bottomRight());
    path.closeSubpath();
    return path;
}

void paint_spans(QPainter& painter, const LaneScene& s) {
    const auto& p = s.scene.palette;
    for (const auto* span : visible(s)) {
        const QRectF rect = whole_rect(s, *span);
        const auto& body = body_of<AppearanceBody>(s.lane.pins[span->index].body);
        QColor colour = body.coloured ? QColor::fromRgb(static_cast<QRgb>(body.colour.rgb)) : p.appearance;
        const bool marked = selected(s, span->pin);
        // Those that overlap are all seen.
        colour.setAlphaF(span->muted ? 0.1f : 0.3f);
        painter.save();
        painter.setClipRect(s.row, Qt::IntersectClip);
        const QPainterPath path = outline(s, *span, rect);
        painter.fillPath(path, colour);
        painter.strokePath(path, QPen(marked ? p.selection : p.appearance, marked ? 2 : 1));
        if (!body.text.empty() && rect.width() > 30) {
            painter.setPen(p.paper_text);
            painter.drawText(rect.adjusted(16, 0, -2, 0), Qt::AlignVCenter | Qt::AlignLeft,
                             QString::fromStdString(body.text).simplified());
        }
        painter.restore();
    }
}

void paint(QPainter& painter, const LaneScene& s) {
    paint_spans(painter, s);
    const auto open = EventPanel::in(s);
    if (open)
        open->paint(painter, s);
    LaneHeads heads(painter, s);
    for (const auto& pin : heads.pins()) {
        const double y =
            lane_rows::rect(s.row, row_of(s.lane.pins[pin.index].body), s.spans.rows).center().y();
        if (open && (pin.id == open->trigger || open->area.contains(QPointF(s.scale.x(pin.time), y))))
            continue;
        heads.draw(pin, y);
    }
}

std::optional<Grip> grip_of(const LaneScene& s, QPointF at) {
    if (const auto open = EventPanel::in(s); open && open->holds(at))
        return std::nullopt; // its keys are dragged, not what lies behind them
    const auto seen = visible(s);
    for (const auto* span : seen) {
        const QRectF rect = whole_rect(s, *span);
        if (at.y() >= rect.top() && at.y() <= rect.bottom() && std::abs(at.x() - rect.right()) <= 4 &&
            rect.width() > 14)
            return Grip{span->pin, GripPart::End};
    }
    if (const auto head = lane_rows::head_under(s, at, 0))
        return head;
    for (auto span = seen.rbegin(); span != seen.rend(); ++span) // the last lies on top
        if (whole_rect(s, **span).contains(at))
            return Grip{(*span)->pin, GripPart::Body};
    return std::nullopt;
}

/// Open towards what it begins: an appearance is a span, its head no value at a moment.
QPainterPath bracket(QPointF at) {
    constexpr double half = 8, stem = 3, foot = 6;
    QPainterPath path(at + QPointF(-1, -half));
    for (const QPointF corner :
         {QPointF(foot, -half), QPointF(foot, -half + stem), QPointF(stem - 1, -half + stem),
          QPointF(stem - 1, half - stem), QPointF(foot, half - stem), QPointF(foot, half), QPointF(-1, half)})
        path.lineTo(at + corner);
    path.closeSubpath();
    return path;
}

/// By its head: over what lasts further ones are added.
std::optional<DoubleClicked> open_or_add_key(const GestureContext& context, const LaneScene& s, QPointF at) {
    return event_course::open_or_add_key(context, s, at, [](const LaneScene& scene, QPointF point) {
        return lane_rows::head_under(scene, point, 0);
    });
}

} // namespace

const KindLook kinds::appearance_look{
    .kind = kinds::appearance_row,
    .height = [](const LaneSpans& spans) { return 16 + lane_rows::row_height * spans.rows; },
    .paint = paint,
    .head_y =
        [](const LaneScene& s, const PinBody& body) {
            return lane_rows::rect(s.row, row_of(body), s.spans.rows).center().y();
        },
    .grip = grip_of,
    .grab = lane_rows::grab,
    .press = event_course::press,
    .press_hint = event_course::hint,
    .double_click = open_or_add_key,
    .hint = lane_rows::hint,
    .head = bracket,
    .colour = [](const Palette& palette) { return palette.appearance; },
    .score_height = 15,
    .paint_score = paint_spans,
    .make_form = []() -> FormFields* { return new AppearanceForm; },
    .make_part = [](PinsDetail& detail) -> PinsDetailPart* { return new ActsField(detail); },
    .rounding_matters = true,
};

} // namespace pulsepin
