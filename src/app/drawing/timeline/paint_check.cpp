// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/paint_check.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("paint_check", text);
}

QFont small_font(const QFont& font, int pixels, QFont::Weight weight = QFont::Normal) {
    QFont small = font;
    small.setPixelSize(pixels);
    small.setWeight(weight);
    return small;
}

int worst_of(const FlashFrame& frame) {
    return std::max(frame.flashes, frame.red);
}

} // namespace

int danger_most(const FlashReport& flashes) {
    int most = flashes.rule.most + 2;
    for (const auto& frame : flashes.frames)
        most = std::max(most, worst_of(frame));
    return most;
}

void paint_danger(QPainter& painter, const Scene& scene, const QRectF& row) {
    const auto& marks = scene.view.check_marks();
    const auto& p = scene.palette;
    painter.save();
    painter.setClipRect(row);
    painter.fillRect(row, p.paper);
    painter.setPen(QPen(p.paper_bar, 1));
    painter.drawLine(row.topLeft() + QPointF(0, 0.5), row.topRight() + QPointF(0, 0.5));
    painter.setFont(small_font(painter.font(), 11));
    const auto flashes = marks ? marks->flashes : nullptr;
    if (!flashes || flashes->frames.empty()) {
        painter.setPen(p.paper_quiet);
        painter.drawText(row, Qt::AlignCenter, tr("The flashes are not measured yet"));
        painter.restore();
        return;
    }
    painter.setRenderHint(QPainter::Antialiasing);
    const int most = danger_most(*flashes);
    const auto y_of = [&](double count) { return row.bottom() - 6 - count / most * (row.height() - 18); };
    const double per_second = flashes->rate.per_second();
    const auto last = static_cast<std::int64_t>(flashes->frames.size()) - 1;
    // Each frame tells of the second before it: drawn around the middle of that.
    const double half = per_second / 2;
    QPolygonF line;
    for (double x = row.left(); x <= row.right(); x += 1) {
        const auto frame = [&](double at) {
            return std::clamp<std::int64_t>(
                static_cast<std::int64_t>(std::floor(scene.scale.time(at).value * per_second + half)), 0,
                last);
        };
        int worst = 0;
        for (auto i = frame(x), until = std::max(frame(x), frame(x + 1) - 1); i <= until; ++i)
            worst = std::max(worst, worst_of(flashes->frames[static_cast<std::size_t>(i)]));
        if (scene.scale.time(x) > flashes->rate.start_of(Frames(last + 1)))
            break;
        line << QPointF(x, y_of(worst));
    }
    if (!line.isEmpty()) {
        QPolygonF area = line;
        area << QPointF(line.last().x(), y_of(0)) << QPointF(line.first().x(), y_of(0));
        QColor below = p.trigger;
        below.setAlpha(40);
        painter.setPen(Qt::NoPen);
        painter.setBrush(below);
        painter.drawPolygon(area);
        QColor above = p.cut;
        above.setAlpha(110);
        const QRectF over(row.left(), row.top(), row.width(), y_of(flashes->rule.most) - row.top());
        painter.setClipRect(over & row);
        painter.setBrush(above);
        painter.drawPolygon(area);
        painter.setClipRect(row);
        painter.setPen(QPen(p.trigger, 1.6));
        painter.setBrush(Qt::NoBrush);
        painter.drawPolyline(line);
    }
    const double limit = y_of(flashes->rule.most);
    painter.setPen(QPen(p.cut, 1, Qt::DashLine));
    painter.drawLine(QPointF(row.left(), limit), QPointF(row.right(), limit));
    painter.setPen(p.cut);
    painter.drawText(QRectF(row.right() - 160, limit - 17, 154, 15), Qt::AlignRight | Qt::AlignVCenter,
                     tr("limit %1/s").arg(flashes->rule.most));
    painter.setFont(small_font(painter.font(), 11, QFont::DemiBold));
    for (const auto& place : flashes->places) {
        const double from = scene.scale.x(flashes->rate.start_of(place.from)),
                     until = scene.scale.x(flashes->rate.start_of(place.until));
        if (until < row.left() || from > row.right())
            continue;
        painter.setPen(QPen(p.cut, 1));
        for (const double x : {from, until})
            painter.drawLine(QPointF(x, row.top() + 2), QPointF(x, y_of(0)));
        const QString text =
            (place.red ? tr("%1 red flashes/s on %2 % of the view") : tr("%1/s on %2 % of the view"))
                .arg(place.most)
                .arg(std::lround(place.area * 100));
        const double wide = painter.fontMetrics().horizontalAdvance(text);
        const double x =
            until + 7 + wide < row.right() ? until + 7 : std::max(row.left() + 4, from - 7 - wide);
        painter.drawText(QPointF(x, row.top() + 16), text);
    }
    painter.restore();
}

void paint_flashing(QPainter& painter, const Scene& scene, const QRectF& area) {
    const auto& marks = scene.view.check_marks();
    if (!marks || !marks->flashes)
        return;
    QColor shade = scene.palette.cut;
    shade.setAlpha(26);
    for (const auto& place : marks->flashes->places) {
        const double from = scene.scale.x(marks->flashes->rate.start_of(place.from)),
                     until = scene.scale.x(marks->flashes->rate.start_of(place.until));
        painter.fillRect(QRectF(from, area.top(), std::max(2.0, until - from), area.height()) & area, shade);
    }
}

void paint_findings(QPainter& painter, const LaneScene& lane) {
    const auto& marks = lane.scene.view.check_marks();
    if (!marks || lane.condensed)
        return;
    const auto& p = lane.scene.palette;
    painter.save();
    painter.setFont(small_font(painter.font(), 11, QFont::DemiBold));
    const QFontMetricsF metrics(painter.font());
    double taken = -1e9; // texts do not lie over each other
    for (const auto& mark : marks->marks) {
        if (mark.lane != lane.lane.id)
            continue;
        const double from = lane.scale.x(mark.at), until = std::max(from, lane.scale.x(mark.until));
        if (until < lane.row.left() - 80 || from > lane.row.right() + 80)
            continue;
        const QColor colour = mark.grave ? p.cut : p.trigger;
        if (until - from > 3) {
            QColor shade = colour;
            shade.setAlpha(mark.chosen ? 70 : 40);
            painter.fillRect(QRectF(from, lane.row.top() + 1, until - from, lane.row.height() - 2) & lane.row,
                             shade);
        }
        painter.setPen(QPen(colour, mark.chosen ? 2 : 1.2));
        const double top = lane.row.top() + 3.5;
        painter.drawLine(QPointF(from, top), QPointF(from, lane.row.bottom() - 2));
        painter.drawLine(QPointF(from, top), QPointF(std::max(from + 8, until), top));
        const double wide = metrics.horizontalAdvance(mark.text);
        if (from + 4 < taken)
            continue;
        painter.setPen(Qt::NoPen);
        QColor ground = p.paper;
        ground.setAlpha(225);
        painter.fillRect(QRectF(from + 3, top + 1, wide + 8, 14), ground);
        painter.setPen(colour);
        painter.drawText(QRectF(from + 7, top + 1, wide + 4, 14), Qt::AlignVCenter, mark.text);
        taken = from + wide + 14;
    }
    painter.restore();
}

} // namespace pulsepin
