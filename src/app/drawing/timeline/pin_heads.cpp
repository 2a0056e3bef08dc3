// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/pin_heads.h"

#include "drawing/kind_look.h"
#include "model/planting_edits.h"

#include <QPainterPath>
#include <QPixmapCache>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

/// The symbols of marker_symbols(), within a round head.
void paint_symbol(QPainter& painter, int symbol, QPointF at, const QColor& colour) {
    painter.setPen(QPen(colour, 1.6, Qt::SolidLine, Qt::RoundCap));
    painter.setBrush(Qt::NoBrush);
    switch (symbol) {
    case 1:
        painter.drawEllipse(at, 2.4, 2.4);
        break;
    case 2:
        painter.drawLine(at + QPointF(-2.5, 0), at + QPointF(2.5, 0));
        break;
    case 3:
        painter.drawLine(at + QPointF(-2, -2), at + QPointF(2, 2));
        painter.drawLine(at + QPointF(-2, 2), at + QPointF(2, -2));
        break;
    case 4:
        painter.setBrush(colour);
        painter.setPen(Qt::NoPen);
        painter.drawPolygon(QPolygonF(
            {at + QPointF(0, -3.2), at + QPointF(3.2, 0), at + QPointF(0, 3.2), at + QPointF(-3.2, 0)}));
        break;
    case 5: {
        QFont font = painter.font();
        font.setPixelSize(9);
        font.setWeight(QFont::Bold);
        painter.setFont(font);
        painter.drawText(QRectF(at.x() - 5, at.y() - 5.5, 10, 11), Qt::AlignCenter, "?");
        break;
    }
    default:
        break;
    }
}

void paint_head(QPainter& painter, const HeadLook& look, QPointF at, const Palette& palette) {
    const QPainterPath path = look_of_kind(look.kind).head(at);
    const QColor colour = head_colour(look, palette);
    const QRectF bounds = path.boundingRect();
    painter.setRenderHint(QPainter::Antialiasing);
    if (look.doubled && look.state == HeadState::Placed) {
        painter.setPen(QPen(colour, 1));
        painter.setBrush(palette.paper);
        painter.drawPath(path.translated(3.5, -2.5));
    }
    if (look.state == HeadState::Outlined) {
        painter.setBrush(palette.paper);
        QPen pen(colour, 1.3);
        pen.setDashPattern({2, 1.6});
        painter.setPen(pen);
        painter.drawPath(path);
        return;
    }
    if (look.selected) {
        painter.setPen(QPen(palette.selection, 5));
        painter.drawPath(path);
        painter.setPen(QPen(palette.paper, 1.5));
    } else {
        painter.setPen(Qt::NoPen);
    }
    if (look.muted) {
        painter.setPen(QPen(colour, 1.6));
        painter.setBrush(palette.paper);
    } else {
        painter.setBrush(colour);
    }
    painter.drawPath(path);
    if (holds<MarkerBody>(look.kind))
        paint_symbol(painter, look.symbol, at, look.muted ? colour : palette.paper);
    if (look.locked) {
        painter.setPen(QPen(palette.paper_text, 2));
        painter.drawLine(QPointF(bounds.left(), bounds.bottom() + 2.5),
                         QPointF(bounds.right(), bounds.bottom() + 2.5));
    }
    if (look.exception) {
        painter.setPen(QPen(palette.paper, 1));
        painter.setBrush(palette.paper_text);
        painter.drawEllipse(bounds.topLeft() + QPointF(0, 1), 2.8, 2.8);
    }
}

} // namespace

HeadLook look_of(const Pin& pin, const Lane& lane, bool selected, bool shares_frame) {
    HeadLook look;
    look.kind = lane.kind;
    look.selected = selected;
    look.exception = is_exception(pin);
    look.locked = pin.locked;
    look.muted = pin.muted || (lane.muted && !holds<SoundBody>(lane.kind));
    look.doubled = shares_frame;
    if (const auto* marker = body_if<MarkerBody>(&pin.body)) {
        look.colour = marker->colour;
        look.symbol = marker->symbol;
    }
    return look;
}

QColor head_colour(LaneKind kind, const Palette& palette) {
    return look_of_kind(kind).colour(palette);
}

QColor head_colour(const HeadLook& look, const Palette& palette) {
    return holds<MarkerBody>(look.kind) ? palette.markers[look.colour % 6] : head_colour(look.kind, palette);
}

QColor stem_colour(const QColor& head) {
    QColor faint = head;
    faint.setAlphaF(0.5f);
    return faint;
}

void draw_loose_stem(QPainter& painter, double x, double top, double bottom, const QColor& colour) {
    QPen pen(stem_colour(colour), 1);
    pen.setDashPattern({3, 3});
    painter.setPen(pen);
    painter.drawLine(QPointF(x, top), QPointF(x, bottom));
}

namespace {

/// As much of a square around the middle as has ink, at least a pixel of it.
QPixmap without_margin(const QImage& square) {
    const int side = square.width();
    int margin = side / 2 - 1;
    for (int y = 0; y < side; ++y)
        for (int x = 0; x < side; ++x)
            if (qAlpha(square.pixel(x, y)) > 0)
                margin = std::min({margin, x, y, side - 1 - x, side - 1 - y});
    return QPixmap::fromImage(square.copy(square.rect().adjusted(margin, margin, -margin, -margin)));
}

QPixmap head_sprite(const HeadLook& look, const Palette& palette, const QFont& font, double ratio) {
    constexpr double side = 32;
    QImage square(QSize(1, 1) * static_cast<int>(side * ratio), QImage::Format_ARGB32_Premultiplied);
    square.setDevicePixelRatio(ratio);
    square.fill(Qt::transparent);
    QPainter stamp(&square);
    stamp.setFont(font);
    paint_head(stamp, look, {side / 2, side / 2}, palette);
    stamp.end();
    return without_margin(square);
}

} // namespace

HeadStamps::HeadStamps(QPainter& painter, const Palette& palette)
    : painter_(painter), palette_(palette), ink_(painter), ratio_(painter.device()->devicePixelRatioF()) {}

const QImage& HeadStamps::stamp_of(const HeadLook& look) {
    const int signs = (look.selected ? 1 : 0) | (look.exception ? 2 : 0) | (look.locked ? 4 : 0) |
                      (look.muted ? 8 : 0) | (look.doubled ? 16 : 0);
    const auto code = static_cast<quint64>(palette_.paper.rgb()) << 32 |
                      static_cast<quint64>(std::lround(ratio_ * 64)) << 16 |
                      static_cast<quint64>(look.symbol % 8) << 13 |
                      static_cast<quint64>(look.colour % 8) << 10 | static_cast<quint64>(look.state) << 5 |
                      static_cast<quint64>(signs);
    const auto is_it = [&](const Stamp& stamp) { return stamp.code == code && stamp.kind == look.kind; };
    if (last_ < stamps_.size() && is_it(stamps_[last_]))
        return stamps_[last_].image;
    auto found = std::ranges::find_if(stamps_, is_it);
    if (found == stamps_.end()) {
        const QString key = QLatin1String(look.kind->id.data()) + QString::number(code, 36);
        QPixmap sprite;
        if (!QPixmapCache::find(key, &sprite)) {
            sprite = head_sprite(look, palette_, painter_.font(), ratio_);
            QPixmapCache::insert(key, sprite);
        }
        found = stamps_.insert(
            found, {look.kind, code, sprite.toImage().convertToFormat(QImage::Format_ARGB32_Premultiplied)});
    }
    last_ = static_cast<std::size_t>(found - stamps_.begin());
    return found->image;
}

void HeadStamps::draw(const HeadLook& look, QPointF at) {
    const QImage& stamp = stamp_of(look);
    const double half = stamp.width() / ratio_ / 2;
    ink_.stamp(stamp, at - QPointF(half, half));
}

void draw_head(QPainter& painter, const HeadLook& look, QPointF at, const Palette& palette) {
    HeadStamps(painter, palette).draw(look, at);
}

} // namespace pulsepin
