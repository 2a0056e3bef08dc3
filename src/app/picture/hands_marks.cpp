// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/hands_marks.h"

#include "parts/palette.h"
#include "picture/key_trace.h"

#include <QCoreApplication>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

const QColor& hands_colour() {
    static const QColor colour(0x4f, 0xc4, 0xb4);
    return colour;
}

void paint_label(QPainter& painter, QPointF at, const QString& text) {
    const QRectF box(at.x(), at.y(), painter.fontMetrics().horizontalAdvance(text) + 12, 18);
    painter.setPen(Qt::NoPen);
    painter.setBrush(desk_palette().desk);
    painter.drawRoundedRect(box, 3, 3);
    painter.setPen(desk_palette().desk_text);
    painter.drawText(box, Qt::AlignCenter, text);
}

QString tr(const char* text) {
    return QCoreApplication::translate("PictureHands", text);
}

} // namespace

void paint_grips(QPainter& painter, const StagedFrame& staged, const SeenLayers& seen, QSize widget) {
    const auto shown = seen.shown_chosen(staged);
    const Layer* layer = seen.chosen();
    if (!shown || !layer)
        return;
    const auto box = shown->corners();
    const auto framed_one = seen.framed_shot(staged);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(hands_colour(), 1.5));
    painter.drawPolygon(box);
    if (!framed_one) {
        const QPointF middle = seen.pivot_position(staged, *shown);
        const QPointF arm = seen.arm_end(*shown);
        painter.drawLine(shown->place.map(QPointF(shown->content.center().x(), shown->content.top())), arm);
        if (seen.pivots) // it can be taken hold of
            painter.setBrush(desk_palette().desk_text);
        painter.drawEllipse(middle, 5, 5);
        painter.drawLine(middle - QPointF(8, 0), middle + QPointF(8, 0));
        painter.drawLine(middle - QPointF(0, 8), middle + QPointF(0, 8));
        painter.setBrush(desk_palette().desk);
        painter.drawEllipse(arm, 5, 5);
    }
    painter.setBrush(desk_palette().desk_text);
    for (const auto& corner : box)
        painter.drawRect(QRectF(corner - QPointF(4, 4), QSizeF(8, 8)));
    const LayerValues values = values_seen(staged, *layer);
    const auto told = [&](const char* id) { return std::round(values.of(id) * 10) / 10; };
    const QString text = framed_one ? tr("shot: %1, %2 · %3 %")
                                          .arg(framed_one->shot.framing.x)
                                          .arg(framed_one->shot.framing.y)
                                          .arg(framed_one->shot.framing.scale)
                                    : tr("%1, %2 · %3 % · %4°")
                                          .arg(told("position-x"))
                                          .arg(told("position-y"))
                                          .arg(told("scale"))
                                          .arg(told("rotation"));
    const double width = painter.fontMetrics().horizontalAdvance(text) + 12;
    const QRectF around = box.boundingRect();
    paint_label(painter,
                {std::clamp(around.left(), 4.0, std::max(4.0, widget.width() - width - 4)),
                 std::clamp(around.bottom() + 8, 4.0, std::max(4.0, widget.height() - 24.0))},
                text);
}

void paint_guides(QPainter& painter, const std::vector<GuideLine>& guides, const PreviewView& preview) {
    for (const auto& line : guides) {
        const bool upright = line.along == Qt::Vertical;
        const QPointF at = preview.scale().to_widget(QPointF(line.at, line.at));
        painter.setPen(QPen(hands_colour(), 1, Qt::DashLine));
        if (upright)
            painter.drawLine(QPointF(at.x(), 0), QPointF(at.x(), preview.height()));
        else
            painter.drawLine(QPointF(0, at.y()), QPointF(preview.width(), at.y()));
        paint_label(painter, upright ? QPointF(at.x() + 4, 4) : QPointF(4, at.y() - 22), line.name);
    }
}

void paint_trace(QPainter& painter, const Curves& curves, Frames now, const SeenLayers& seen) {
    const Layer* layer = seen.chosen();
    if (!layer || layer->kind == layers::camera)
        return;
    const auto trace = key_trace(curves, layer->id, now);
    if (trace.keys.empty())
        return;
    const QColor colour = hands_colour();
    QPolygonF way;
    for (const Frames frame : trace.between)
        if (const auto shown = seen.shown_of(placed_at(curves, layer->id, frame), layer->id))
            way << shown->place.map(QPointF());
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(colour, 1, Qt::DotLine));
    painter.drawPolyline(way);
    painter.setPen(QPen(colour, 1, Qt::DashLine));
    for (std::size_t i = 0; i < trace.keys.size(); ++i)
        if (const auto shown = seen.shown_of(placed_at(curves, layer->id, trace.keys[i]), layer->id)) {
            const auto box = shown->corners();
            painter.drawPolygon(box);
            paint_label(painter, box.boundingRect().topLeft() - QPointF(0, 22), trace.places[i]);
            painter.setBrush(Qt::NoBrush);
            painter.setPen(QPen(colour, 1, Qt::DashLine));
        }
}

} // namespace pulsepin
