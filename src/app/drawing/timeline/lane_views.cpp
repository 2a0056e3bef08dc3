// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/lane_views.h"

#include "drawing/kind_look.h"
#include "drawing/timeline/lane_paint.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

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
    const auto seen =
        std::ranges::count_if(outlines.left_out, [&](Seconds time) { return in_reach(s, time); });
    if (crowded(s, static_cast<std::size_t>(seen)))
        return;
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
    const auto seen = std::ranges::count_if(outlines->outlines,
                                            [&](const auto& outline) { return in_reach(s, outline.time); });
    const bool strokes = crowded(s, static_cast<std::size_t>(seen));
    HeadStamps heads(painter, s.scene.palette);
    HeadLook head;
    head.kind = s.lane.kind;
    head.state = HeadState::Outlined;
    for (const auto& outline : outlines->outlines) {
        if (!in_reach(s, outline.time))
            continue;
        const double x = s.scale.x(outline.time);
        const double y = std::min(view.head_y(s, outline.body), s.row.bottom() - 8);
        if (strokes) { // fainter than those of pins that are there
            heads.ink().fill(head_stroke({x, y}), stem_colour(line.color()));
            continue;
        }
        painter.setPen(line);
        painter.drawLine(QPointF(std::round(x) + 0.5, y + 10),
                         QPointF(std::round(x) + 0.5, s.row.bottom() - 6));
        heads.draw(head, {x, y});
    }
}

} // namespace pulsepin
