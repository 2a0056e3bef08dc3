// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/tap_plot.h"

#include "parts/palette.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

namespace pulsepin {

TapPlot::TapPlot(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Evenness of the taps"));
    setToolTip(tr("Each tap against a steady beat: up is late, down is early; a hollow one is left out"));
}

void TapPlot::show_taps(std::optional<TapFit> fit) {
    fit_ = std::move(fit);
    update();
}

void TapPlot::paintEvent(QPaintEvent*) {
    const auto& p = desk_palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF area = QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5);
    painter.setPen(QPen(p.desk_line, 1));
    painter.setBrush(p.desk_well);
    painter.drawRoundedRect(area, 6, 6);
    const double middle = area.center().y();
    painter.drawLine(QPointF(area.left() + 6, middle), QPointF(area.right() - 6, middle));
    if (!fit_)
        return;
    constexpr double width = 5, apart = 11;
    const auto room = static_cast<std::size_t>(std::max(1.0, (area.width() - 16) / apart));
    const std::size_t first = fit_->error.size() > room ? fit_->error.size() - room : 0;
    double most = 0.02;
    for (std::size_t i = first; i < fit_->error.size(); ++i)
        if (!fit_->stray[i])
            most = std::max(most, std::abs(fit_->error[i].value));
    for (std::size_t i = first; i < fit_->error.size(); ++i) {
        const double share = std::clamp(fit_->error[i].value / most, -1.0, 1.0);
        const double height = std::max(2.0, std::abs(share) * (area.height() / 2 - 6));
        const double x = area.left() + 8 + static_cast<double>(i - first) * apart;
        const QRectF bar(x, share > 0 ? middle - height : middle, width, height);
        painter.setPen(QPen(fit_->stray[i] ? p.warning : p.playing, 1.2));
        painter.setBrush(fit_->stray[i] ? QBrush(Qt::NoBrush) : QBrush(p.playing));
        painter.drawRect(bar);
    }
}

} // namespace pulsepin
