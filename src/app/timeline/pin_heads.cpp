// SPDX-License-Identifier: GPL-3.0-or-later
#include "timeline/pin_heads.h"

#include <QPainterPath>
#include <QPixmapCache>
#include <cmath>

namespace pulsepin {
namespace {

QPainterPath round_head(QPointF at) {
    QPainterPath path;
    path.addEllipse(at, 5.5, 5.5);
    return path;
}

QPainterPath horn(QPointF at) {
    QPainterPath path(at + QPointF(-6, -2.5));
    path.lineTo(at + QPointF(-2, -2.5));
    path.lineTo(at + QPointF(4, -6.5));
    path.lineTo(at + QPointF(4, 6.5));
    path.lineTo(at + QPointF(-2, 2.5));
    path.lineTo(at + QPointF(-6, 2.5));
    path.closeSubpath();
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

void paint_head(QPainter& painter, LaneKind kind, QPointF at, const Palette& palette, HeadState state,
                bool selected) {
    const QPainterPath path = kind == LaneKind::Marker ? round_head(at)
                              : kind == LaneKind::Cut  ? notched_tab(at)
                                                       : horn(at);
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

} // namespace

QColor head_colour(LaneKind kind, const Palette& palette) {
    return kind == LaneKind::Marker ? palette.marker : kind == LaneKind::Cut ? palette.cut : palette.wave_rms;
}

QColor stem_colour(const QColor& head) {
    QColor faint = head;
    faint.setAlphaF(0.5f);
    return faint;
}

void draw_stem(QPainter& painter, double x, double top, double bottom, const QColor& colour, bool pinned) {
    QPen pen(stem_colour(colour), 1);
    if (!pinned)
        pen.setDashPattern({3, 3});
    painter.setPen(pen);
    painter.drawLine(QPointF(x, top), QPointF(x, bottom));
}

void draw_head(QPainter& painter, LaneKind kind, QPointF at, const Palette& palette, HeadState state,
               bool selected) {
    // Heads are drawn once and stamped: smooth paths are slow by the hundred.
    constexpr double side = 32;
    const double ratio = painter.device()->devicePixelRatioF();
    const QString key = QString("pulsepin-head-%1-%2-%3-%4-%5")
                            .arg(static_cast<int>(kind))
                            .arg(static_cast<int>(state))
                            .arg(selected)
                            .arg(ratio)
                            .arg(palette.paper.rgb());
    QPixmap sprite;
    if (!QPixmapCache::find(key, &sprite)) {
        sprite = QPixmap(QSize(1, 1) * static_cast<int>(side * ratio));
        sprite.setDevicePixelRatio(ratio);
        sprite.fill(Qt::transparent);
        QPainter stamp(&sprite);
        paint_head(stamp, kind, {side / 2, side / 2}, palette, state, selected);
        stamp.end();
        QPixmapCache::insert(key, sprite);
    }
    const auto whole = [ratio](double v) { return std::round(v * ratio) / ratio; };
    painter.drawPixmap(QPointF(whole(at.x() - side / 2), whole(at.y() - side / 2)), sprite);
}

} // namespace pulsepin
