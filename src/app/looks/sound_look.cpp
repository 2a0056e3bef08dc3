// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/gestures/shape_song.h"
#include "drawing/canvas/gestures/trim_sound.h"
#include "drawing/timeline/sound_lane.h"
#include "kinds/kinds.h"
#include "looks/kind_looks.h"

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

void paint_in_score(QPainter& painter, const LaneScene& s) {
    for (const auto& pin : s.resolved.pins) {
        const QRectF bar = sound_box(s, pin) & s.row;
        if (bar.isEmpty())
            continue;
        painter.fillRect(bar, s.scene.palette.wave_rms);
        if (s.scene.view.selection().contains(pin.id)) {
            painter.setPen(QPen(s.scene.palette.selection, 2));
            painter.drawRect(bar);
        }
    }
}

std::unique_ptr<Gesture> grab_gain(const GestureContext& context, PinId sound, QPointF at) {
    const auto place = context.placement.lane_at(at);
    if (!place)
        return nullptr;
    const Scene scene = context.scene();
    const LaneScene lane = lane_scene(scene, *place);
    for (const auto& pin : lane.resolved.pins)
        if (pin.id == sound)
            return std::make_unique<DragGain>(context, sound, gain_line_view(lane, pin), at);
    return nullptr;
}

std::unique_ptr<Gesture> grab(const GestureContext& context, const Grip& grip, QPointF at,
                              Qt::KeyboardModifiers keys) {
    const auto trim = [&](SoundEdge edge) {
        return std::make_unique<TrimSound>(context, grip.pin, edge, at);
    };
    switch (grip.part) {
    case GripPart::Start:
        return trim(SoundEdge::Start);
    case GripPart::End:
        return trim(SoundEdge::End);
    case GripPart::FadeIn:
        return trim(SoundEdge::FadeIn);
    case GripPart::FadeOut:
        return trim(SoundEdge::FadeOut);
    case GripPart::GainLine:
        return grab_gain(context, grip.pin, at);
    case GripPart::Head:
    case GripPart::Body:
    case GripPart::EaseFrom:
    case GripPart::EaseTo:
        break;
    }
    return move_pins(context, grip, at, keys);
}

} // namespace

/// A sound lies on its lane, it does not hang; it has a detail of its own, with grips and fades.
const KindLook kinds::sound_look{
    .kind = kinds::sound_row,
    .height = [](const LaneSpans&) { return 52.0; },
    .paint = paint_sounds,
    .stems = false,
    .head_y = [](const LaneScene& s, const PinBody&) { return s.row.center().y(); },
    .grip = sound_under,
    .grab = grab,
    .head = horn,
    .colour = [](const Palette& palette) { return palette.wave_rms; },
    .score_height = 12,
    .paint_score = paint_in_score,
    .selected = QT_TRANSLATE_NOOP("pulsepin::DetailPanel", "Selected: sound “%1”"),
};

} // namespace pulsepin
