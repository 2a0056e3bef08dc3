// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/error_plot.h"

#include "parts/palette.h"

#include <QPainter>
#include <cmath>

namespace pulsepin {

ErrorPlot::ErrorPlot(QWidget* parent) : QWidget(parent) {
    setObjectName("error plot");
    setAccessibleName(tr("Distances from the beat"));
    setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Expanding);
}

void ErrorPlot::show_errors(ErrorHistogram histogram, const QString& limit_name) {
    histogram_ = std::move(histogram);
    limit_name_ = limit_name;
    setAccessibleDescription(tr("%n pins, %1 beyond the limit", nullptr, static_cast<int>(histogram_.count))
                                 .arg(histogram_.beyond.size()));
    update();
}

void ErrorPlot::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const auto& p = desk_palette();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(p.desk_line, 1));
    painter.setBrush(p.desk_well);
    painter.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 5, 5);
    QFont small = font();
    small.setPixelSize(11);
    painter.setFont(small);
    if (histogram_.count == 0) {
        painter.setPen(p.desk_quiet);
        painter.drawText(rect(), Qt::AlignCenter, tr("nothing on the beats yet"));
        return;
    }
    // What lies beyond has room of its own on that side.
    double early = 0, late = 0;
    for (const Seconds error : histogram_.beyond)
        (error < Seconds(0) ? early : late) =
            std::max(error < Seconds(0) ? early : late, std::abs(error.value));
    const double margin = 10, beside = width() * 0.28;
    const double left = margin + (early > 0 ? beside : 12),
                 right = width() - margin - (late > 0 ? beside : 12);
    const double floor = height() - 22, top = 22;
    const double bar = (right - left) / static_cast<double>(histogram_.bars.size());
    painter.fillRect(QRectF(left, 6, right - left, floor - 6), p.desk_raised);
    for (std::size_t i = 0; i < histogram_.bars.size(); ++i) {
        const double high = (floor - top) * histogram_.bars[i] / std::max(1, histogram_.most);
        if (histogram_.bars[i] > 0)
            painter.fillRect(
                QRectF(left + bar * static_cast<double>(i) + 0.5, floor - high, std::max(1.0, bar - 1), high),
                p.done);
    }
    const auto x_beyond = [&](Seconds error) {
        const double most = error < Seconds(0) ? early : late, limit = histogram_.limit.value;
        const double share = (std::abs(error.value) - limit) / std::max(1e-9, most - limit);
        return error < Seconds(0) ? left - 8 - share * (beside - 22) : right + 8 + share * (beside - 22);
    };
    for (const Seconds error : histogram_.beyond)
        painter.fillRect(QRectF(x_beyond(error) - 2.5, floor - 9, 5, 9), p.warning);
    painter.setPen(QPen(p.desk_line, 1));
    painter.drawLine(QPointF(margin, floor + 0.5), QPointF(width() - margin, floor + 0.5));
    painter.setPen(QPen(p.desk_text, 1, Qt::DashLine));
    for (const double x : {left, right})
        painter.drawLine(QPointF(x, 6), QPointF(x, floor));
    const auto mark = [&](double x, const QString& text, const QColor& colour) {
        const double wide = painter.fontMetrics().horizontalAdvance(text) + 2;
        painter.setPen(colour);
        painter.drawText(QRectF(std::clamp(x - wide / 2, 3.0, width() - wide - 3), floor + 3, wide, 15),
                         Qt::AlignCenter, text);
    };
    const auto ms = [](double seconds) { return QString::number(std::lround(std::abs(seconds) * 1000)); };
    mark(left, QStringLiteral("−") + ms(histogram_.limit.value), p.desk_quiet);
    mark((left + right) / 2, QStringLiteral("0"), p.desk_quiet);
    mark(right, QStringLiteral("+") + ms(histogram_.limit.value), p.desk_quiet);
    if (early > 0)
        mark(x_beyond(Seconds(-early)), QStringLiteral("−") + ms(early), p.warning);
    if (late > 0)
        mark(x_beyond(Seconds(late)), QStringLiteral("+") + ms(late), p.warning);
    painter.setPen(p.desk_quiet);
    painter.drawText(QRectF(left, 6, right - left, 14), Qt::AlignCenter, limit_name_);
}

} // namespace pulsepin
