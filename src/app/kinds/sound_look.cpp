// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/kind_look.h"
#include "kinds/kinds.h"
#include "timeline/sound_lane.h"

namespace pulsepin {
namespace {

QPainterPath horn(QPointF at) {
    QPainterPath path(at + QPointF(-6, -2.5));
    path.lineTo(at + QPointF(-2, -2.5));
    path.lineTo(at + QPointF(4, -6.5));
    path.lineTo(at + QPointF(4, 6.5));
    path.lineTo(at + QPointF(-2, 2.5));
    path.lineTo(at + QPointF(-6, 2.5));
    path.closeSubpath();
    return path;
}

void paint_in_score(QPainter& painter, const RowView& v, const ScoreTrack& track) {
    const auto& lane = *v.scene.project.lanes[track.lane];
    for (const auto& pin : v.scene.schedule[track.lane].pins) {
        const auto& body = std::get<SoundBody>(lane.pins[pin.index].body);
        if (pin.time + body.length <= v.start() || pin.time >= v.end())
            continue;
        const double left = std::max(v.x(pin.time), v.rect.left()),
                     right = std::min(v.x(pin.time + body.length), v.right());
        const QRectF bar(left, v.rect.top() + track.top + 2, std::max(2.0, right - left), track.height - 5);
        painter.fillRect(bar, v.scene.palette.wave_rms);
        if (v.scene.view.selection().contains(pin.id)) {
            painter.setPen(QPen(v.scene.palette.selection, 2));
            painter.drawRect(bar);
        }
    }
}

std::optional<PinId> hit(const LaneScene& s, QPointF at) {
    const auto under = sound_under(s, at);
    return under ? std::optional(under->pin) : std::nullopt;
}

} // namespace

/// A sound lies on its lane, it does not hang; it has a detail of its own, with grips and fades.
const KindLook kinds::sound_look{
    .kind = kinds::sound_row,
    .height = [](const LaneSpans&) { return 52.0; },
    .head_y = [](const Lane&, const LaneSpans&, const PinBody&, double) { return 26.0; },
    .paint = paint_sounds,
    .hit = hit,
    .stems = false,
    .head = horn,
    .colour = [](const Palette& palette) { return palette.wave_rms; },
    .score_height = 12,
    .paint_score = paint_in_score,
    .selected = QT_TRANSLATE_NOOP("pulsepin::DetailPanel", "Selected: sound “%1”"),
};

} // namespace pulsepin
