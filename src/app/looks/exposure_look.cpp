// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/lane_paint.h"
#include "kinds/kinds.h"
#include "looks/kind_looks.h"
#include "looks/lane_rows.h"

#include <QFontMetricsF>
#include <algorithm>

namespace pulsepin {
namespace {

/// The drawings that may be seen; they follow each other.
std::span<const Exposure> visible(const LaneScene& s) {
    const auto rate = s.scene.project.settings->frame_rate;
    const auto& all = s.spans.exposures;
    const auto x = [&](Frames frame) { return s.scale.x(rate.start_of(frame)); };
    const auto first = std::partition_point(
        all.begin(), all.end(), [&](const Exposure& one) { return x(one.first + one.held) < s.row.left(); });
    const auto last = std::partition_point(
        first, all.end(), [&](const Exposure& one) { return x(one.first) <= s.row.right(); });
    return {first, last};
}

QRectF cell(const LaneScene& s, const Exposure& one) {
    const auto rate = s.scene.project.settings->frame_rate;
    const double left = s.scale.x(rate.start_of(one.first)),
                 right = s.scale.x(rate.start_of(one.first + one.held));
    const double high = std::min(22.0, s.row.height() - 4);
    return {left, s.row.center().y() - high / 2, right - left, high};
}

void paint(QPainter& painter, const LaneScene& s) {
    const auto& p = s.scene.palette;
    QFont font = painter.font();
    font.setPixelSize(12);
    font.setWeight(QFont::Medium);
    painter.setFont(font);
    const QFontMetricsF metrics(font);
    const auto seen = visible(s);
    const double pixels_a_frame =
        seen.empty() ? 0 : cell(s, seen.front()).width() / static_cast<double>(seen.front().held.value);
    double drawn_until = -1e9; // many in one pixel are drawn once
    for (const auto& one : seen) {
        const QRectF box = cell(s, one) & s.row;
        if (box.right() - drawn_until < 0.7)
            continue;
        drawn_until = box.right();
        const bool marked = selected(s, one.pin);
        QColor ground = p.exposure;
        ground.setAlphaF(one.first_of_pin ? 0.34f : 0.2f);
        painter.fillRect(box, ground);
        if (box.width() < 3) {
            painter.fillRect(QRectF(box.left(), box.top(), 1, box.height()),
                             marked ? p.selection : p.exposure);
            continue;
        }
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(marked ? p.selection : p.exposure, marked ? 2 : 1));
        painter.drawRect(box.adjusted(0.5, 0.5, -0.5, -0.5));
        if (one.first_of_pin)
            painter.fillRect(QRectF(box.left(), box.top(), 2, box.height()),
                             marked ? p.selection : p.exposure);
        if (one.mended) // another length than its pins have
            painter.fillRect(QRectF(box.left() + 2, box.bottom() - 3, std::min(6.0, box.width() - 3), 2),
                             p.cut);
        const QRectF inside = box.adjusted(5, 0, -3, 0);
        const QString drawing = QString::fromStdString(one.drawing);
        const double wide = metrics.horizontalAdvance(drawing);
        if (inside.width() < std::min(wide, 8.0))
            continue;
        painter.setPen(p.paper_text);
        painter.drawText(inside, Qt::AlignVCenter | Qt::AlignLeft,
                         metrics.elidedText(drawing, Qt::ElideRight, inside.width()));
        const QString held = QStringLiteral("×%1").arg(one.held.value);
        if (inside.width() > wide + metrics.horizontalAdvance(held) + 8) {
            painter.setPen(p.paper_quiet);
            painter.drawText(inside, Qt::AlignVCenter | Qt::AlignRight, held);
        }
    }
    if (pixels_a_frame >= 3 && !s.condensed) { // frames, to count them by eye
        painter.setPen(QPen(p.exposure, 1));
        const double bottom = cell(s, seen.front()).bottom() + 4;
        for (const auto& one : seen) {
            const QRectF box = cell(s, one);
            for (std::int64_t f = 0; f < one.held.value; ++f) {
                const double x = box.left() + pixels_a_frame * static_cast<double>(f);
                if (x >= s.row.left() && x <= s.row.right())
                    painter.drawLine(QPointF(x, bottom - 2), QPointF(x, bottom + (f == 0 ? 2 : 0)));
            }
        }
    }
}

std::optional<Grip> grip(const LaneScene& s, QPointF at) {
    for (const auto& one : visible(s)) {
        const QRectF box = cell(s, one);
        if (one.first_of_pin && std::abs(at.x() - box.left()) <= 5)
            return Grip{one.pin, GripPart::Head};
        if (box.contains(at))
            return Grip{one.pin, GripPart::Body};
    }
    return std::nullopt;
}

} // namespace

const KindLook kinds::exposure_look{
    .kind = kinds::exposure_row,
    .height = [](const LaneSpans&) { return 38.0; },
    .paint = paint,
    .stems = false,
    .head_y = [](const LaneScene& s, const PinBody&) { return s.row.center().y(); },
    .grip = grip,
    .head =
        [](QPointF at) {
            QPainterPath path;
            path.addRect(QRectF(at.x() - 2, at.y() - 7, 4, 14));
            return path;
        },
    .colour = [](const Palette& palette) { return palette.exposure; },
    .score_height = 18,
    .paint_score = paint,
    .make_form = []() -> FormFields* { return new ExposureForm; },
    .selected = QT_TRANSLATE_NOOP("pulsepin::DetailPanel", "Selected: drawing “%1”"),
    .rounding_matters = true,
};

} // namespace pulsepin
