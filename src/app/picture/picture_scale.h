// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPointF>
#include <QRectF>
#include <QSizeF>
#include <QTransform>

namespace pulsepin {

/// From the picture's pixels, counted from its middle, to a widget's points, and back.
struct PictureScale {
    QPointF middle;    ///< of the picture, in the widget
    double points = 1; ///< for each of its pixels

    [[nodiscard]] QPointF to_widget(QPointF pixel) const { return middle + pixel * points; }
    [[nodiscard]] QPointF to_picture(QPointF point) const { return (point - middle) / points; }
    [[nodiscard]] QRectF to_widget(const QRectF& pixels) const {
        return {to_widget(pixels.topLeft()), pixels.size() * points};
    }
    [[nodiscard]] QRectF to_picture(const QRectF& area) const {
        return {to_picture(area.topLeft()), area.size() / points};
    }
    [[nodiscard]] QTransform transform() const {
        return QTransform::fromScale(points, points) * QTransform::fromTranslate(middle.x(), middle.y());
    }
};

} // namespace pulsepin
