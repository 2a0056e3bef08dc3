// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/content/content_painter.h"

namespace pulsepin {
namespace {

void draw(QPainter& painter, const StagedLayer& layer, const ContentContext&) {
    const auto& values = layer.values;
    const auto points = layer.heights.size();
    if (points < 3)
        return;
    const double length = values.of("wave-length"), high = values.of("wave-height");
    const double step = length / static_cast<double>(points - 2);
    QPolygonF up, down;
    for (std::size_t i = 0; i < points; ++i) {
        const double x = -length / 2 + (static_cast<double>(i) - layer.heights_begin) * step;
        const double y = high * layer.heights[i] / 100;
        up << QPointF(x, -y);
        down << QPointF(x, y);
    }
    painter.save();
    painter.setClipRect(QRectF(-length / 2, -4 * high - 50, length, 8 * high + 100), Qt::IntersectClip);
    const bool mirrored = values.flag("wave-mirrored");
    if (const double fill = values.of("inside"); fill > 0) {
        QPolygonF area = up;
        if (mirrored)
            for (auto point = down.rbegin(); point != down.rend(); ++point)
                area << *point;
        else
            area << QPointF(up.last().x(), 0) << QPointF(up.first().x(), 0);
        QPainterPath path;
        path.addPolygon(area);
        path.closeSubpath();
        painter.fillPath(path, shown(layer.colour, fill / 100));
    }
    if (values.of("inside") <= 0 || values.of("line-width") > 0) {
        painter.setPen(
            QPen(shown(layer.colour), width_of_line(values), Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        painter.drawPolyline(up);
        if (mirrored)
            painter.drawPolyline(down);
    }
    painter.restore();
}

QRectF box(const StagedLayer& layer, const ContentContext&) {
    const double length = layer.values.of("wave-length"), high = layer.values.of("wave-height");
    return {-length / 2, -high, length, layer.values.flag("wave-mirrored") ? 2 * high : high};
}

} // namespace

const ContentPainter wave_content{draw, box};

} // namespace pulsepin
