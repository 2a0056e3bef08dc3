// SPDX-License-Identifier: GPL-3.0-or-later
#include "timeline/pin_heads.h"

#include <QPainterPath>

namespace pulsepin {
namespace {

QPainterPath round_head(QPointF at) {
    QPainterPath path;
    path.addEllipse(at, 5.5, 5.5);
    return path;
}

QPainterPath notched_tab(QPointF at) {
    QPainterPath path(at + QPointF(-6, 0));
    path.lineTo(at + QPointF(6, 0));
    path.lineTo(at + QPointF(6, 8));
    path.lineTo(at + QPointF(0, 12));
    path.lineTo(at + QPointF(-6, 8));
    path.closeSubpath();
    return path;
}

} // namespace

QColor head_colour(LaneKind kind, const Palette& palette) {
    return kind == LaneKind::Marker ? palette.marker : palette.cut;
}

void draw_head(QPainter& painter, LaneKind kind, QPointF at, const Palette& palette, HeadState state,
               bool selected) {
    const QPainterPath path = kind == LaneKind::Marker ? round_head(at) : notched_tab(at);
    const QColor colour = head_colour(kind, palette);
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    if (state == HeadState::Outlined) {
        painter.setBrush(palette.paper);
        painter.setPen(QPen(colour, 1.3, Qt::CustomDashLine));
        QPen pen = painter.pen();
        pen.setDashPattern({2, 1.6});
        painter.setPen(pen);
        painter.drawPath(path);
    } else {
        if (selected) {
            painter.setPen(QPen(palette.selection, 5));
            painter.drawPath(path);
            painter.setPen(QPen(palette.paper, 1.5));
        } else {
            painter.setPen(Qt::NoPen);
        }
        painter.setBrush(colour);
        painter.drawPath(path);
    }
    painter.restore();
}

void draw_stem(QPainter& painter, double x, double top, double bottom, const QColor& colour, bool pinned) {
    QColor faint = colour;
    faint.setAlphaF(0.5f);
    QPen pen(faint, 1);
    if (!pinned)
        pen.setDashPattern({3, 3});
    painter.setPen(pen);
    painter.drawLine(QPointF(x, top), QPointF(x, bottom));
}

} // namespace pulsepin
