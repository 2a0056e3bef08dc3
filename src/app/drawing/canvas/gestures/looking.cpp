// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/gestures/looking.h"

#include "drawing/kind_look.h"
#include "drawing/timeline/lane_paint.h"

#include <algorithm>

namespace pulsepin {

MovePlayhead::MovePlayhead(GestureContext context, QPointF from) : Gesture(std::move(context), from) {
    drag_to(from, {});
}

void MovePlayhead::drag_to(QPointF at, Qt::KeyboardModifiers) {
    context().go_to(std::clamp(placement().time_at(at), Seconds(0), context().song_end()));
}

void MarkRange::drag_to(QPointF at, Qt::KeyboardModifiers keys) {
    const bool off_grid = keys & Qt::ShiftModifier;
    const Seconds a = context().snapped(pressed_time(), off_grid),
                  b = context().snapped(placement().time_at(at), off_grid);
    if (a != b)
        view().set_range(TimeRange{std::min(a, b), std::max(a, b)});
}

std::optional<Gesture::Edit> MarkRange::end(Qt::KeyboardModifiers) {
    if (!moved()) {
        view().set_range(std::nullopt);
        context().go_to(std::clamp(pressed_time(), Seconds(0), context().song_end()));
    }
    return std::nullopt;
}

Lasso::Lasso(GestureContext context, QPointF from, Qt::KeyboardModifiers keys)
    : Gesture(std::move(context), from), to_(from) {
    if (keys & Qt::ControlModifier)
        before_ = view().selection();
}

void Lasso::drag_to(QPointF at, Qt::KeyboardModifiers) {
    to_ = at;
    const QRectF frame = QRectF(from(), at).normalized();
    const QRectF reach = frame.adjusted(0, -6, 0, 6);
    std::vector<PinId> selected(before_.begin(), before_.end());
    const Scene scene = context().scene();
    for (std::size_t i = 0; i < project().lanes.size(); ++i)
        for (const auto& place : placement().lane_places(i)) {
            if (!frame.intersects(place.row))
                continue;
            const LaneScene lane = lane_scene(scene, place);
            for (const auto& pin : visible_pins(lane)) {
                const double y = look_of_kind(lane.lane.kind).head_y(lane, lane.lane.pins[pin.index].body);
                if (reach.contains(QPointF(lane.scale.x(pin.time), y)))
                    selected.push_back(pin.id);
            }
        }
    view().select({selected.begin(), selected.end()});
    seen_anew();
    tell(tr("%n pins selected", nullptr, static_cast<int>(view().selection().size())));
}

void Lasso::paint(QPainter& painter, const Palette& palette) const {
    if (!moved())
        return;
    QColor ground = palette.selection;
    ground.setAlphaF(0.12f);
    painter.setPen(QPen(palette.selection, 1, Qt::DashLine));
    painter.setBrush(ground);
    painter.drawRect(QRectF(from(), to_).normalized());
}

} // namespace pulsepin
