// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/marker_picture.h"
#include "drawing/timeline/lane_paint.h"
#include "kinds/kinds.h"
#include "looks/kind_looks.h"
#include "schedule/lasting.h"
#include "schedule/triggers.h"

#include <QFontMetricsF>

namespace pulsepin {
namespace {

void paint_markers(QPainter& painter, const LaneScene& s) {
    LaneHeads heads(painter, s);
    const auto pins = heads.pins();
    const double y = s.row.center().y();
    QFont font = painter.font();
    font.setPixelSize(12);
    font.setWeight(QFont::Medium);
    painter.setFont(font);
    const QFontMetricsF metrics(font);
    for (std::size_t i = 0; i < pins.size(); ++i) {
        if (heads.strokes()) {
            heads.draw(pins[i], y);
            continue;
        }
        const double x = s.scale.x(pins[i].time);
        const auto look = head_look(s, pins[i]);
        const auto& body = body_of<MarkerBody>(s.lane.pins[pins[i].index].body);
        const QColor colour = head_colour(look, s.scene.palette);
        if (const auto length = duration_of(body.length, pins[i].time, s.scene.project))
            heads.ink().fill(QRectF(x, y - 1.5, s.scale.x(pins[i].time + *length) - x, 3), colour);
        heads.draw(pins[i], y);
        const double room = (i + 1 < pins.size() ? s.scale.x(pins[i + 1].time) : s.row.right()) - x - 22;
        if (room < 12)
            continue;
        painter.setPen(colour);
        painter.drawText(QPointF(x + 10, y + metrics.capHeight() / 2),
                         metrics.elidedText(QString::fromStdString(body.name), Qt::ElideRight, room));
    }
}

} // namespace

const KindLook kinds::marker_look{
    .kind = kinds::marker_row,
    .height = [](const LaneSpans&) { return 30.0; },
    .paint = paint_markers,
    .head_y = [](const LaneScene& s, const PinBody&) { return s.row.center().y(); },
    .grip = head_grip,
    .head =
        [](QPointF at) {
            QPainterPath path;
            path.addEllipse(at, 5.5, 5.5);
            return path;
        },
    .colour = [](const Palette& palette) { return palette.marker; },
    .names_beside_heads = true,
    .make_form = []() -> FormFields* { return new MarkerForm; },
    .picture =
        [](std::string_view param, int choice) {
            return QIcon(param == "colour" ? marker_picture(choice, 0) : marker_picture(0, choice));
        },
    .selected = QT_TRANSLATE_NOOP("pulsepin::DetailPanel", "Selected: marker “%1”"),
};

} // namespace pulsepin
