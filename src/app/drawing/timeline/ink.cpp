// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/ink.h"

#include <algorithm>
#include <cmath>
#include <cstring>

namespace pulsepin {
namespace {

/// Four pixels, and as sixteen-bit numbers: what every machine of this kind can do at once.
using Four = std::uint32_t __attribute__((vector_size(16)));
using Numbers = std::uint16_t __attribute__((vector_size(16)));

/// Two colours of each pixel, times a share of 255, rounded as the toolkit rounds.
__attribute__((always_inline)) inline Numbers shared(Four pairs, Numbers share) {
    const Numbers product = reinterpret_cast<Numbers>(pairs) * share;
    return (product + (product >> 8) + 0x80) >> 8;
}

__attribute__((always_inline)) inline Four laid_over(Four ground, Four ink) {
    const Four through = 255 - (ink >> 24);
    const auto share = reinterpret_cast<Numbers>(through | through << 16);
    const auto even = reinterpret_cast<Four>(shared(ground & 0xff00ff, share)),
               odd = reinterpret_cast<Four>(shared((ground >> 8) & 0xff00ff, share));
    return ink + (even | odd << 8);
}

/// `ink` tells what lies over the pixels from x on, four or fewer.
template <class Over>
void lay_over(std::uint32_t* ground, int count, const Over& ink) {
    int x = 0;
    for (Four under; x + 4 <= count; x += 4) {
        std::memcpy(&under, ground + x, sizeof(under));
        under = laid_over(under, ink(x, 4));
        std::memcpy(ground + x, &under, sizeof(under));
    }
    for (; x < count; ++x)
        ground[x] = laid_over(Four{ground[x]}, ink(x, 1))[0];
}

void lay_row_over(std::uint32_t* ground, const std::uint32_t* ink, int count) {
    lay_over(ground, count, [ink](int x, int many) {
        Four over{ink[x]};
        if (many == 4)
            std::memcpy(&over, ink + x, sizeof(over));
        return over;
    });
}

void lay_colour_over(std::uint32_t* ground, std::uint32_t colour, int count) {
    lay_over(ground, count, [over = Four{} + colour](int, int) { return over; });
}

const std::uint32_t* row_of(const QImage& image, int y) {
    return reinterpret_cast<const std::uint32_t*>(image.constScanLine(y));
}

int rounded(double v) {
    return static_cast<int>(std::lround(std::clamp(v, -1e6, 1e6)));
}

QRect rounded(const QRectF& area) {
    return {QPoint(rounded(area.left()), rounded(area.top())),
            QPoint(rounded(area.right()) - 1, rounded(area.bottom()) - 1)};
}

} // namespace

Ink::Ink(QPainter& painter) : painter_(painter), place_(painter.deviceTransform()) {
    if (painter.device()->devType() != QInternal::Image || place_.type() > QTransform::TxScale ||
        painter.opacity() < 1 || painter.compositionMode() != QPainter::CompositionMode_SourceOver)
        return;
    auto* image = static_cast<QImage*>(painter.device());
    if (image->format() != QImage::Format_RGB32 && image->format() != QImage::Format_ARGB32_Premultiplied)
        return;
    // The painter has them already: they are not shared with another image.
    pixels_ = const_cast<std::uint32_t*>(row_of(*image, 0));
    stride_ = image->bytesPerLine() / static_cast<std::ptrdiff_t>(sizeof(std::uint32_t));
    clip_ = image->rect();
    if (painter.hasClipping())
        clip_ &= rounded(place_.mapRect(painter.clipBoundingRect()));
}

void Ink::fill_pixels(QRect area, const QColor& colour) {
    area &= clip_;
    if (area.isEmpty())
        return;
    const std::uint32_t ink = qPremultiply(colour.rgba());
    const bool opaque = qAlpha(ink) == 255;
    const int count = area.width();
    std::uint32_t* row = at(area.left(), area.top());
    for (int rows = area.height(); rows > 0; --rows, row += stride_)
        if (opaque)
            std::fill_n(row, count, ink);
        else
            lay_colour_over(row, ink, count);
}

void Ink::fill(const QRectF& area, const QColor& colour) {
    if (pixels_)
        fill_pixels(rounded(place_.mapRect(area)), colour);
    else
        painter_.fillRect(area, colour);
}

void Ink::frame(const QRectF& area, const QColor& colour) {
    if (!pixels_ || place_.type() > QTransform::TxTranslate) {
        painter_.setPen(QPen(colour, 1));
        painter_.setBrush(Qt::NoBrush);
        return painter_.drawRect(area);
    }
    const QRectF placed = place_.mapRect(area);
    const auto whole = [](double v) { return static_cast<int>(std::floor(std::clamp(v, -1e6, 1e6))); };
    const QRect lines(QPoint(whole(placed.left()), whole(placed.top())),
                      QPoint(whole(placed.right()), whole(placed.bottom())));
    const int wide = lines.width(), high = lines.height() - 2;
    fill_pixels({lines.left(), lines.top(), wide, 1}, colour);
    if (high >= 0)
        fill_pixels({lines.left(), lines.bottom(), wide, 1}, colour);
    fill_pixels({lines.left(), lines.top() + 1, 1, high}, colour);
    if (wide > 1)
        fill_pixels({lines.right(), lines.top() + 1, 1, high}, colour);
}

void Ink::stamp(const QImage& image, QPointF corner) {
    const QPointF placed = place_.map(corner);
    const QPoint first(rounded(placed.x()), rounded(placed.y()));
    if (!pixels_)
        return painter_.drawImage(place_.inverted().map(QPointF(first)), image);
    const QRect seen = QRect(first, image.size()) & clip_;
    for (int y = seen.top(); y <= seen.bottom(); ++y)
        lay_row_over(at(seen.left(), y), row_of(image, y - first.y()) + seen.left() - first.x(),
                     seen.width());
}

void Ink::hang(const QImage& row, const QRectF& area) {
    if (!pixels_)
        return painter_.drawImage(area, row);
    const QRect whole = rounded(place_.mapRect(area));
    const QRect seen = whole & clip_;
    const int count = std::min(seen.width(), row.width() - (seen.left() - whole.left()));
    const std::uint32_t* first = row_of(row, 0) + (seen.left() - whole.left());
    for (int y = seen.top(); y <= seen.bottom(); ++y)
        if (row.hasAlphaChannel())
            lay_row_over(at(seen.left(), y), first, count);
        else
            std::copy_n(first, std::max(0, count), at(seen.left(), y));
}

} // namespace pulsepin
