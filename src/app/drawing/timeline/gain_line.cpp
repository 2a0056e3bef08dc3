// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/gain_line.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

// Where 0 dB lies there is room above for what is made louder, and most of the height below it.
constexpr double highest_db = 12, lowest_db = -48;
constexpr double reach = 6; // pixels

} // namespace

double GainLineView::y(double db) const {
    const double share = (highest_db - std::clamp(db, lowest_db, highest_db)) / (highest_db - lowest_db);
    return row.top() + 3 + share * (row.height() - 6);
}

double GainLineView::db(double y) const {
    const double share = std::clamp((y - row.top() - 3) / std::max(1.0, row.height() - 6), 0.0, 1.0);
    return highest_db - share * (highest_db - lowest_db);
}

QPointF GainLineView::place(const GainPoint& point) const {
    return {scale.x(point.at + zero), y(point.db)};
}

std::optional<std::size_t> GainLineView::point_under(QPointF at) const {
    for (std::size_t i = 0; i < line.size(); ++i)
        if (const QPointF away = place(line[i]) - at;
            std::max(std::abs(away.x()), std::abs(away.y())) <= reach)
            return i;
    return std::nullopt;
}

bool GainLineView::is_on(QPointF at) const {
    if (!row.adjusted(-reach, 0, reach, 0).contains(at))
        return false;
    return point_under(at) || std::abs(y(line_db_at(line, this->at(at.x()))) - at.y()) <= reach - 1;
}

void GainLineView::paint(QPainter& painter, const Palette& palette) const {
    painter.save();
    painter.setClipRect(row.adjusted(-4, 0, 4, 0), Qt::IntersectClip);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(palette.selection, 1.4));
    QPolygonF course;
    course << QPointF(row.left(), y(line_db_at(line, at(row.left()))));
    for (const auto& point : line)
        if (const QPointF p = place(point); p.x() > row.left() && p.x() < row.right())
            course << p;
    course << QPointF(row.right(), y(line_db_at(line, at(row.right()))));
    painter.drawPolyline(course);
    painter.setBrush(palette.paper);
    for (const auto& point : line)
        painter.drawRect(QRectF(place(point) - QPointF(3.5, 3.5), QSizeF(7, 7)));
    painter.restore();
}

} // namespace pulsepin
