// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/band.h"

#include "render/fonts.h"
#include "stage/title.h"

#include <QPainterPath>
#include <algorithm>

namespace pulsepin {
namespace {

// As paper and ink, whatever the picture is.
const QColor paper(0xf7, 0xf1, 0xe1, 0xec), line_colour(0xf4, 0xb3, 0x31), edge(0x1f, 0x24, 0x30),
    cut_colour(0xa8, 0x32, 0x26);

constexpr int sign_breath = 1, sign_cut = 2, sign_off = 3; // of note_signs()

QFont band_font(double pixels, bool slanted) {
    register_fonts();
    QFont font(title::family);
    font.setPixelSize(std::max(4, static_cast<int>(pixels)));
    font.setWeight(QFont::DemiBold);
    font.setItalic(slanted);
    return font;
}

/// Stretched between its start and its end, so that it is read in the time in which it is said.
void draw_stretched(QPainter& painter, const BandText& text, double base, double pixels) {
    const double room = text.right - text.left;
    QPainterPath letters;
    letters.addText(0, 0, band_font(pixels, text.sign == sign_off), QString::fromStdString(text.text));
    const QRectF box = letters.boundingRect();
    if (box.width() <= 0 || room <= 2)
        return;
    QTransform stretch;
    stretch.translate(text.left, base);
    stretch.scale((room - std::clamp(room * 0.14, 4.0, pixels * 1.4)) / box.width(), 1);
    stretch.translate(-box.left(), 0);
    painter.setPen(Qt::NoPen);
    painter.setBrush(QColor::fromRgb(static_cast<QRgb>(text.ink.rgb)));
    painter.drawPath(stretch.map(letters));
}

void draw_text(QPainter& painter, const BandText& text, double top, double high) {
    const double pixels = high * 0.6, base = top + high * 0.68;
    const QColor ink = QColor::fromRgb(static_cast<QRgb>(text.ink.rgb));
    const double pen = std::max(1.0, high / 26);
    if (text.sounds) {
        QColor lit = line_colour;
        lit.setAlphaF(0.35f);
        painter.fillRect(QRectF(text.left, top + 1, text.right - text.left, high - 2), lit);
    }
    if (text.sign == sign_breath) {
        painter.setPen(QPen(ink, pen * 1.4));
        painter.drawPolyline(QPolygonF({{text.left, top + high * 0.3},
                                        {text.left + high * 0.16, top + high * 0.62},
                                        {text.left + high * 0.32, top + high * 0.3}}));
    } else if (text.sign == sign_cut) {
        painter.setPen(QPen(ink, pen * 1.6));
        painter.drawLine(QPointF(text.left, top + high * 0.12), QPointF(text.left, top + high * 0.88));
    }
    if (text.text.empty())
        return;
    draw_stretched(painter, text, base, pixels);
    painter.setPen(QPen(ink, pen, text.is_word ? Qt::SolidLine : Qt::DotLine));
    const double under = top + high * 0.85;
    painter.drawLine(QPointF(text.left, under), QPointF(std::max(text.left, text.right - 4), under));
    painter.drawLine(QPointF(text.left, under - high * 0.1), QPointF(text.left, under + high * 0.06));
}

/// As many discs as beats are left, where the entry comes from.
void draw_count(QPainter& painter, const StagedBand& band, double top) {
    const double radius = std::min(14.0, band.height / 7);
    for (int i = 0; i < band.counts; ++i) {
        const QPointF at(band.line + radius * 2.2 * (i + 1), top - radius * 1.6);
        painter.setPen(QPen(edge, std::max(1.0, radius / 6)));
        painter.setBrush(line_colour);
        painter.drawEllipse(at, radius, radius);
    }
}

} // namespace

void paint_band(QPainter& painter, const StagedBand& band, QSizeF picture) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const double top = picture.height() - band.height;
    const QRectF ground(0, top, picture.width(), band.height);
    painter.fillRect(ground, paper);
    painter.save();
    painter.setClipRect(ground);
    for (const double at : band.cuts) {
        painter.setPen(QPen(cut_colour, std::max(1.0, band.height / 60), Qt::DashLine));
        painter.drawLine(QPointF(at, top), QPointF(at, picture.height()));
    }
    const double high = band.height / band.rows;
    for (const auto& text : band.texts)
        draw_text(painter, text, top + high * text.row, high);
    painter.restore();
    painter.setPen(QPen(edge, std::max(2.0, band.height / 22)));
    painter.drawLine(QPointF(band.line, top), QPointF(band.line, picture.height()));
    painter.setPen(QPen(line_colour, std::max(1.0, band.height / 44)));
    painter.drawLine(QPointF(band.line, top), QPointF(band.line, picture.height()));
    painter.setPen(Qt::NoPen);
    painter.setBrush(line_colour);
    const double tip = std::max(3.0, band.height / 12);
    painter.drawPolygon(QPolygonF({{band.line - tip, top}, {band.line + tip, top}, {band.line, top + tip}}));
    draw_count(painter, band, top);
    painter.restore();
}

} // namespace pulsepin
