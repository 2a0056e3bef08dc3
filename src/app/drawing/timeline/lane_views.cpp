// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/lane_views.h"

#include "drawing/kind_look.h"
#include "drawing/timeline/lane_paint.h"

#include <QImage>
#include <algorithm>
#include <cmath>

namespace pulsepin {

void paint_stems(QPainter& painter, const LaneScene& s, double top) {
    if (!look_of_kind(s.lane.kind).stems)
        return;
    const QColor colour = head_colour(s.lane.kind, s.scene.palette);
    const auto& view = look_of_kind(s.lane.kind);
    const double bottom = view.head_y(s, s.lane.kind->empty_body()) + 1;
    const auto pins = visible_pins(s);
    if (crowded(s, pins)) // a wash of lines would tell nothing and veil the song
        return;
    constexpr std::size_t many =
        48; // from here on one row of pixels pulled down is quicker than single lines
    QImage row;
    QPainter line;
    const double ratio = painter.device()->devicePixelRatioF();
    if (pins.size() >= many) {
        row = QImage(static_cast<int>(std::ceil(s.row.width() * ratio)), 1,
                     QImage::Format_ARGB32_Premultiplied);
        row.fill(Qt::transparent);
        line.begin(&row);
    }
    double last_x = -1e9;
    for (const auto& pin : pins) {
        const double x = std::round(s.scale.x(pin.time)) + 0.5;
        if (x == last_x)
            continue;
        last_x = x;
        if (line.isActive() && pin.pinned)
            line.fillRect(
                QRectF(std::floor((x - s.row.left()) * ratio), 0, std::max(1.0, std::round(ratio)), 1),
                stem_colour(colour));
        else
            draw_stem(painter, x, top, bottom, colour, pin.pinned);
    }
    if (line.isActive()) {
        line.end();
        painter.drawImage(QRectF(s.row.left(), top, s.row.width(), bottom - top), row);
    }
}

void draw_left_out(QPainter& painter, QPointF at, const QColor& colour) {
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(colour, 1.6));
    painter.drawLine(at + QPointF(-3.5, -3.5), at + QPointF(3.5, 3.5));
    painter.drawLine(at + QPointF(-3.5, 3.5), at + QPointF(3.5, -3.5));
    painter.setRenderHint(QPainter::Antialiasing, false);
}

void paint_left_out(QPainter& painter, const LaneScene& s) {
    for (const auto& planting : *s.scene.project.plantings) {
        if (planting.lane != s.lane.id)
            continue;
        const double y = look_of_kind(s.lane.kind).head_y(s, planting.form.body);
        for (const Ticks home : planting.left_out) {
            const auto time =
                anchored_time(planting.place_of(home, s.scene.project.settings->frame_rate), s.scene.project);
            if (time && in_reach(s, *time))
                draw_left_out(painter, {s.scale.x(*time), std::max(y, s.row.top() + 7)},
                              head_colour(s.lane.kind, s.scene.palette));
        }
    }
}

void paint_left_out(QPainter& painter, const LaneScene& s, const PlacePreview& outlines) {
    constexpr double radius = 2.5;
    painter.setPen(QPen(s.scene.palette.paper_quiet, 1));
    painter.setBrush(Qt::NoBrush);
    for (const Seconds time : outlines.left_out)
        if (in_reach(s, time))
            painter.drawEllipse(QPointF(s.scale.x(time), s.row.center().y()), radius, radius);
}

void paint_outlines(QPainter& painter, const LaneScene& s) {
    const auto& outlines = s.scene.view.outlines();
    if (!outlines || s.scene.view.outline_lane() != s.lane.id)
        return;
    paint_left_out(painter, s, *outlines);
    QPen line(head_colour(s.lane.kind, s.scene.palette), 1);
    line.setDashPattern({2, 3});
    const auto& view = look_of_kind(s.lane.kind);
    const auto place = [&](const PlacePreview::Outline& outline) { return view.head_y(s, outline.body); };
    for (const auto& outline : outlines->outlines) {
        if (!in_reach(s, outline.time))
            continue;
        const double x = s.scale.x(outline.time);
        const double y = std::min(place(outline), s.row.bottom() - 8);
        painter.setPen(line);
        painter.drawLine(QPointF(std::round(x) + 0.5, y + 10),
                         QPointF(std::round(x) + 0.5, s.row.bottom() - 6));
        draw_head(painter, s.lane.kind, {x, y}, s.scene.palette, HeadState::Outlined, false);
    }
}

} // namespace pulsepin
