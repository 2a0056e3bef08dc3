// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/flash_box.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace pulsepin {

void paint_flash_box(QPainter& painter, const FlashReport& flashes, Frames frame, const QRectF& area,
                     const Palette& palette) {
    if (frame < Frames(0) || frame.value >= static_cast<std::int64_t>(flashes.frames.size()))
        return;
    const auto& now = flashes.frames[static_cast<std::size_t>(frame.value)];
    if (std::max(now.flashes, now.red) <= flashes.rule.most)
        return;
    const QRectF box(area.left() + now.box.left * area.width(), area.top() + now.box.top * area.height(),
                     (now.box.right - now.box.left) * area.width(),
                     (now.box.bottom - now.box.top) * area.height());
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    QColor hatch = palette.cut;
    hatch.setAlpha(150);
    painter.fillRect(box, QBrush(hatch, Qt::BDiagPattern));
    painter.setPen(QPen(palette.cut, 2));
    painter.drawRect(box);
    QFont font = painter.font();
    font.setPixelSize(11);
    font.setWeight(QFont::DemiBold);
    painter.setFont(font);
    const QString text = QCoreApplication::translate("flash_box", "flashing %1 %")
                             .arg(std::lround(100 * std::max(now.area, now.red_area)));
    const QSizeF size(painter.fontMetrics().horizontalAdvance(text) + 12, 18);
    const QRectF label(
        QPointF(std::clamp(box.left() + 6, area.left(), std::max(area.left(), area.right() - size.width())),
                box.top() + 6),
        size);
    QColor ground = palette.desk_well;
    ground.setAlpha(220);
    painter.setPen(Qt::NoPen);
    painter.setBrush(ground);
    painter.drawRoundedRect(label, 3, 3);
    painter.setPen(palette.desk_text);
    painter.drawText(label, Qt::AlignCenter, text);
    painter.restore();
}

} // namespace pulsepin
