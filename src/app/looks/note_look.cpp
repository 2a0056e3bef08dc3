// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/lane_paint.h"
#include "kinds/kinds.h"
#include "kinds/note_signs.h"
#include "looks/kind_looks.h"
#include "looks/text_spans.h"

#include <QFontMetricsF>
#include <algorithm>

namespace pulsepin {
namespace {

constexpr double row_height = 20;

QRectF band(const LaneScene& s, const TextSpan& span) {
    const double each = (s.row.height() - 6) / s.spans.rows;
    const double left = text_spans::left_of(s, span);
    return {left, s.row.top() + 3 + each * span.row + 1,
            std::max(3.0, text_spans::right_of(s, span) - left - 1), std::min(each - 2, 26.0)};
}

/// The lane's ink, as light as the paper asks for at night.
QColor ink_of(const LaneScene& s) {
    QColor ink = QColor::fromRgb(static_cast<QRgb>(part_of<Inked>(s.lane)->ink.rgb));
    for (int i = 0; i < 12 && contrast(ink, s.scene.palette.paper) < 4.5; ++i)
        ink = s.scene.palette.paper.lightnessF() < 0.5 ? ink.lighter(125) : ink.darker(120);
    return ink;
}

void paint(QPainter& painter, const LaneScene& s) {
    const auto& p = s.scene.palette;
    const QColor ink = ink_of(s);
    QFont font = painter.font();
    font.setPixelSize(12);
    painter.setFont(font);
    const QFontMetricsF metrics(font);
    for (const auto* span : text_spans::visible(s)) {
        const auto& note = body_of<NoteBody>(s.lane.pins[span->index].body);
        const QRectF box = band(s, *span);
        const QColor colour = selected(s, span->pin) ? p.selection : ink;
        if (box.width() < 5) {
            painter.fillRect(QRectF(box.left(), box.top(), 1, box.height()), colour);
            continue;
        }
        painter.setOpacity(span->muted ? 0.4 : 1);
        painter.fillRect(box, p.paper);
        painter.setPen(QPen(colour, selected(s, span->pin) ? 2 : 1,
                            note.sign == NoteOff ? Qt::DashLine : Qt::SolidLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawRoundedRect(box.adjusted(0.5, 0.5, -0.5, -0.5), 3, 3);
        painter.fillRect(QRectF(box.left(), box.top(), 3, box.height()), colour);
        QString text = QString::fromStdString(note.text).simplified();
        if (note.sign == NoteBreath)
            text = (text.isEmpty() ? QString() : text + " ") + QStringLiteral("\u2228");
        else if (note.sign == NoteCut)
            text = (text.isEmpty() ? QString() : text + " ") + QStringLiteral("|");
        const QRectF inside = (box & s.row).adjusted(8, 0, -3, 0);
        if (inside.width() > 8)
            painter.drawText(inside, Qt::AlignVCenter | Qt::AlignLeft,
                             metrics.elidedText(text, Qt::ElideRight, inside.width()));
        painter.setOpacity(1);
    }
}

} // namespace

const KindLook kinds::note_look{
    .kind = kinds::note_row,
    .height = [](const LaneSpans& spans) { return 8 + row_height * std::min(spans.rows, 6); },
    .paint = paint,
    .stems = false,
    .head_y = [](const LaneScene& s, const PinBody&) { return s.row.top() + 13; },
    .grip = [](const LaneScene& s, QPointF at) { return text_spans::grip(s, at, band); },
    .grab = text_spans::grab,
    .hint = text_spans::hint,
    .head =
        [](QPointF at) {
            QPainterPath path;
            path.addRoundedRect(QRectF(at.x() - 5, at.y() - 4, 10, 8), 2, 2);
            return path;
        },
    .colour = [](const Palette& palette) { return palette.note; },
    .score_height = 18,
    .paint_score = paint,
    .selected = QT_TRANSLATE_NOOP("pulsepin::DetailPanel", "Selected: note “%1”"),
};

} // namespace pulsepin
