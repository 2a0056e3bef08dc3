// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/content/content_painter.h"

#include "model/shape_outline.h"

#include <cmath>

namespace pulsepin {

const ContentPainter& content_painter(LayerKind kind) {
    static const ContentPainter none{[](QPainter&, const StagedLayer&, const ContentContext&) {},
                                     [](const StagedLayer&, const ContentContext&) { return QRectF(); }};
    for (const auto& content : kind_contents())
        if (content.kind == kind)
            return content.painter;
    return none;
}

QPainterPath part_of_path(const QPainterPath& path, double share) {
    if (share >= 1)
        return path;
    const auto pieces = path.toSubpathPolygons();
    const auto length_of = [](const QPolygonF& points) {
        double length = 0;
        for (qsizetype i = 1; i < points.size(); ++i)
            length += QLineF(points[i - 1], points[i]).length();
        return length;
    };
    double left = 0;
    for (const auto& piece : pieces)
        left += length_of(piece);
    left *= share;
    QPainterPath part;
    for (const auto& piece : pieces) {
        if (left <= 0)
            break;
        part.moveTo(piece.first());
        for (qsizetype i = 1; i < piece.size() && left > 0; ++i) {
            const QLineF line(piece[i - 1], piece[i]);
            const double length = line.length();
            part.lineTo(length <= left ? line.p2() : line.pointAt(left / length));
            left -= length;
        }
    }
    return part;
}

QPen line_pen(const LayerValues& values, const QColor& colour, double width) {
    QPen pen(colour, width, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin);
    const double dash = values.of("dash"), gap = values.of("gap");
    if (dash > 0 && width > 0) {
        pen.setCapStyle(Qt::FlatCap);
        pen.setDashPattern({dash / width, std::max(0.01, gap / width)}); // counted in widths
    }
    return pen;
}

QPainterPath shape_path(const std::string& id, double radius, double corners) {
    QPainterPath path;
    const auto& outline = shape_outline(id);
    if (outline.round) {
        path.addEllipse(QPointF(0, 0), radius, radius);
        return path;
    }
    QPolygonF points;
    for (const auto& [x, y] : outline.points)
        points << QPointF(x * radius, y * radius);
    if (corners <= 0) {
        path.addPolygon(points);
        path.closeSubpath();
        return path;
    }
    const qsizetype count = points.size();
    for (qsizetype i = 0; i < count; ++i) {
        const QPointF corner = points[i];
        const QLineF back(corner, points[(i + count - 1) % count]), on(corner, points[(i + 1) % count]);
        const double far = std::min({corners, back.length() / 2, on.length() / 2});
        const QPointF from = back.pointAt(far / back.length()), to = on.pointAt(far / on.length());
        i == 0 ? path.moveTo(from) : path.lineTo(from);
        path.quadTo(corner, to);
    }
    path.closeSubpath();
    return path;
}

} // namespace pulsepin
