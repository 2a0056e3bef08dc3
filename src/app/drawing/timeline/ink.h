// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QImage>
#include <QPainter>
#include <cstdint>

namespace pulsepin {

/// Small upright things by the thousand: straight into the pixels of the image that a painter draws on, as
/// far as that is an image, is not turned and draws what is opaque; else through the painter, with the same
/// outcome. What the painter is told meanwhile holds for it alone; its clip is that of the beginning.
class Ink {
public:
    explicit Ink(QPainter& painter);
    /// As QPainter::fillRect() does it without smooth edges.
    void fill(const QRectF& area, const QColor& colour);
    /// As QPainter::drawRect() does it without smooth edges, with a pen of one pixel and no brush.
    void frame(const QRectF& area, const QColor& colour);
    /// A premultiplied image; its upper left corner falls on the nearest pixel.
    void stamp(const QImage& image, QPointF corner);
    /// An image of one row with as many pixels as the area is wide, pulled down over all of it.
    void hang(const QImage& row, const QRectF& area);

private:
    [[nodiscard]] std::uint32_t* at(int x, int y) const {
        return pixels_ + static_cast<std::ptrdiff_t>(y) * stride_ + x;
    }
    void fill_pixels(QRect area, const QColor& colour);

    QPainter& painter_;
    std::uint32_t* pixels_ = nullptr; ///< null: through the painter
    std::ptrdiff_t stride_ = 0;       ///< pixels
    QRect clip_;                      ///< pixels
    QTransform place_;                ///< of the painter's units among the pixels
};

} // namespace pulsepin
