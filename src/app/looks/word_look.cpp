// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/lane_paint.h"
#include "kinds/kinds.h"
#include "looks/kind_looks.h"
#include "looks/text_spans.h"
#include "pages/stops/words_page.h"

#include <QCoreApplication>
#include <QFontMetricsF>
#include <cmath>
#include <optional>
#include <utility>

namespace pulsepin {
namespace {

constexpr double high = 92;
constexpr double head = 3.5; // half of a head's side

/// The underline of a word with the text on it; the groups lie below.
double underline_of(const QRectF& row) {
    return row.top() + std::min(row.height() * 0.55, row.height() - 38);
}

QRectF band(const LaneScene& s, const TextSpan& span) {
    const double y = s.condensed ? s.row.center().y() : underline_of(s.row);
    const double left = text_spans::left_of(s, span);
    return {left, y - 20, std::max(4.0, text_spans::right_of(s, span) - left), 24};
}

QFont word_font(const QPainter& painter) {
    QFont font = painter.font();
    font.setPixelSize(14);
    font.setWeight(QFont::DemiBold);
    return font;
}

const WordBody& body_of(const LaneScene& s, const TextSpan& span) {
    return body_of<WordBody>(s.lane.pins[span.index].body);
}

void paint_words(QPainter& painter, const LaneScene& s) {
    const auto& p = s.scene.palette;
    const auto seen = text_spans::visible(s);
    const double y = underline_of(s.row);
    painter.setFont(word_font(painter));
    const QFontMetricsF metrics(painter.font());
    std::optional<std::pair<int, bool>> last; // of the strokes: where, and whether it is selected
    for (std::size_t i = 0; i < seen.size(); ++i) {
        const auto& span = *seen[i];
        const double left = text_spans::left_of(s, span), right = text_spans::right_of(s, span);
        const bool chosen = selected(s, span.pin);
        const QColor colour = chosen ? p.selection : p.word;
        if (right - left < 3) { // no room for more than a stroke, and for one of many only
            const std::pair stroke(static_cast<int>(std::floor(left)), chosen);
            if (std::exchange(last, stroke) != stroke)
                painter.fillRect(QRectF(left, y - 6, 1, 12), colour);
            continue;
        }
        painter.setOpacity(span.muted ? 0.4 : 1);
        painter.fillRect(QRectF(left, y - 1, right - left - 2, 2), colour);
        painter.fillRect(QRectF(right - 3, y - 5, 1.5, 9), colour);
        painter.fillRect(QRectF(left - head, y - head, 2 * head, 2 * head), colour);
        const double next = i + 1 < seen.size() ? text_spans::left_of(s, *seen[i + 1]) : s.row.right();
        const double room = next - left - 8;
        if (room > 10) {
            painter.setPen(chosen ? p.selection : p.paper_text);
            painter.drawText(
                QPointF(left + 6, y - 6),
                metrics.elidedText(QString::fromStdString(body_of(s, span).text), Qt::ElideRight, room));
        }
        painter.setOpacity(1);
    }
}

/// A bracket below the words of each line, with how fast it must be read.
void paint_lines(QPainter& painter, const LaneScene& s) {
    const auto& p = s.scene.palette;
    QFont font = painter.font();
    font.setPixelSize(11);
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    const QFontMetricsF metrics(font);
    const double y = underline_of(s.row) + 18;
    const Seconds lead = time_of(s.lane.lead, s.scene.project.settings->frame_rate);
    for (const auto& line : s.spans.lines) {
        if (line.line == 0)
            continue;
        const double left = s.scale.x(line.start + lead), right = s.scale.x(line.end + lead);
        if (left > s.row.right())
            break;
        if (right < s.row.left() || right - left < 6)
            continue;
        const bool fast = line.letters_a_second() > part_of<LaneText>(s.lane)->most_letters;
        painter.setPen(QPen(fast ? p.cut : p.paper_quiet, fast ? 2 : 1));
        painter.drawPolyline(QPolygonF({{left, y - 4}, {left, y}, {right - 3, y}, {right - 3, y - 4}}));
        const QString told =
            QCoreApplication::translate("pulsepin::Canvas", "line %1 · %2 characters per second")
                .arg(line.line)
                .arg(line.letters_a_second(), 0, 'f', line.letters_a_second() < 10 ? 1 : 0);
        const QRectF seen = QRectF(left, y, right - left, 16) & s.row;
        if (metrics.horizontalAdvance(told) < seen.width())
            painter.drawText(seen, Qt::AlignHCenter | Qt::AlignBottom, told);
        else if (seen.width() > 20)
            painter.drawText(seen, Qt::AlignHCenter | Qt::AlignBottom, QString::number(line.line));
    }
}

/// Words that are looked at before they are taken.
void paint_proposed(QPainter& painter, const LaneScene& s) {
    const auto& outlines = s.scene.view.outlines();
    if (!outlines || s.scene.view.outline_lane() != s.lane.id)
        return;
    const double y = underline_of(s.row);
    painter.setFont(word_font(painter));
    const QFontMetricsF metrics(painter.font());
    painter.setBrush(Qt::NoBrush);
    for (const auto& outline : outlines->outlines) {
        const double x = s.scale.x(outline.time);
        if (x < s.row.left() - 200 || x > s.row.right())
            continue;
        const QString text = QString::fromStdString(body_of<WordBody>(outline.body).text);
        painter.setPen(QPen(s.scene.palette.word, 1.5, Qt::DashLine));
        painter.drawRect(QRectF(x, y - 21, std::max(12.0, metrics.horizontalAdvance(text) + 8), 21));
        painter.drawText(QPointF(x + 4, y - 6), text);
    }
}

void paint(QPainter& painter, const LaneScene& s) {
    painter.save();
    painter.setClipRect(s.row, Qt::IntersectClip);
    paint_words(painter, s);
    paint_lines(painter, s);
    paint_proposed(painter, s);
    painter.restore();
}

/// Pulled to what the page of words says, where it says something.
std::unique_ptr<Gesture> grab(const GestureContext& context, const Grip& grip, QPointF at,
                              Qt::KeyboardModifiers keys) {
    GestureContext own = context;
    if (words_are_pulled())
        own.pull = [schedule = context.schedule](Seconds time) { return pulled(schedule(), time); };
    return text_spans::grab(own, grip, at, keys);
}

void paint_score(QPainter& painter, const LaneScene& s) {
    const auto& p = s.scene.palette;
    QFont font = painter.font();
    font.setPixelSize(11);
    painter.setFont(font);
    const QFontMetricsF metrics(font);
    const auto seen = text_spans::visible(s);
    for (std::size_t i = 0; i < seen.size(); ++i) {
        const double left = text_spans::left_of(s, *seen[i]), right = text_spans::right_of(s, *seen[i]);
        const QColor colour = selected(s, seen[i]->pin) ? p.selection : p.word;
        painter.fillRect(QRectF(left, s.row.bottom() - 3, std::max(1.0, right - left - 1), 1.5) & s.row,
                         colour);
        const double next = i + 1 < seen.size() ? text_spans::left_of(s, *seen[i + 1]) : s.row.right();
        if (next - left < 16)
            continue;
        painter.setPen(colour);
        painter.drawText(QPointF(left + 6, s.row.bottom() - 5),
                         metrics.elidedText(QString::fromStdString(body_of(s, *seen[i]).text), Qt::ElideRight,
                                            next - left - 8));
    }
}

} // namespace

const KindLook kinds::word_look{
    .kind = kinds::word_row,
    .height = [](const LaneSpans&) { return high; },
    .paint = paint,
    .head_y = [](const LaneScene& s,
                 const PinBody&) { return s.condensed ? s.row.bottom() - 3 : underline_of(s.row); },
    .grip = [](const LaneScene& s, QPointF at) { return text_spans::grip(s, at, band); },
    .grab = grab,
    .hint = text_spans::hint,
    .head =
        [](QPointF at) {
            QPainterPath path;
            path.addRect(QRectF(at.x() - head, at.y() - head, 2 * head, 2 * head));
            return path;
        },
    .colour = [](const Palette& palette) { return palette.word; },
    .score_height = 20,
    .paint_score = paint_score,
    .selected = QT_TRANSLATE_NOOP("pulsepin::DetailPanel", "Selected: word “%1”"),
    .rounding_matters = true,
};

} // namespace pulsepin
