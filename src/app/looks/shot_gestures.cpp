// SPDX-License-Identifier: GPL-3.0-or-later
#include "looks/shot_gestures.h"

#include "looks/cut_look.h"
#include "model/shot_edits.h"
#include "session/number_text.h"

#include <cmath>

namespace pulsepin {

void RollCut::show_moved(Ticks by, const QString& place) {
    if (show(rolled(project(), pin(), by)))
        tell(tr("To %1 · the pictures after it stay where they are").arg(place));
}

QString RollCut::name() const {
    return tr("roll cut");
}

void RippleCut::show_moved(Ticks by, const QString& place) {
    if (show(rippled(project(), pin(), by)))
        tell(tr("To %1 · with all later cuts").arg(place));
}

QString RippleCut::name() const {
    return tr("move cut and all later ones");
}

void SlipShot::drag_to(QPointF at, Qt::KeyboardModifiers) {
    const auto rate = project().settings->frame_rate;
    // Dragged to the right an earlier part of the shot comes to lie here, as if the film were pushed along.
    const Seconds by = pressed_time() - placement().carried(pressed_time(), from(), at);
    if (show(slipped(project(), cut_, rate.start_of(Frames(std::llround(by.value * rate.per_second()))))))
        tell(tr("From %1 s of the shot on")
                 .arg(number_text(body_of<CutBody>(draft()->project().pin(cut_)->body).in_point.value, 2)));
}

std::optional<Gesture::Edit> SlipShot::end(Qt::KeyboardModifiers keys) {
    if (!moved() && !(keys & Qt::ControlModifier))
        view().select({cut_});
    return edit(tr("slip shot"));
}

void DropShot::drag_to(QPointF at, Qt::KeyboardModifiers keys) {
    const auto place = placement().lane_at(at);
    std::optional<PinId> onto;
    if (place && holds<CutBody>(project().lanes[place->lane]->kind)) {
        const Scene scene = context().scene();
        onto = shot_under(lane_scene(scene, *place), at);
    }
    if (onto == cut_)
        onto.reset();
    const bool replacing = keys & Qt::ControlModifier;
    if (draft() && onto == onto_ && replacing == replacing_)
        return;
    onto_ = onto;
    replacing_ = replacing;
    if (!onto) {
        show(project());
        return tell(tr("Drop it on another shot: they swap, with Ctrl it is replaced"));
    }
    if (!show(replacing ? replaced(project(), *onto, body_of<CutBody>(project().pin(cut_)->body).shot)
                        : swapped(project(), cut_, *onto)))
        onto_.reset();
    else
        tell(replacing ? tr("Replaces this shot") : tr("The two shots swap"));
}

std::optional<Gesture::Edit> DropShot::end(Qt::KeyboardModifiers keys) {
    if (!moved() && !(keys & Qt::ControlModifier))
        view().select({cut_});
    return onto_ ? edit(replacing_ ? tr("replace shot") : tr("swap shots")) : std::nullopt;
}

void DropShot::paint(QPainter& painter, const Palette& palette) const {
    if (!onto_)
        return;
    Scene scene = context().scene();
    painter.setPen(QPen(palette.selection, 3));
    painter.setBrush(Qt::NoBrush);
    for (std::size_t i = 0; i < project().lanes.size(); ++i)
        if (holds<CutBody>(project().lanes[i]->kind))
            for (const auto& place : placement().lane_places(i))
                for (const PinId pin : {*onto_, cut_}) {
                    const QRectF bar = bar_of_shot(lane_scene(scene, place), pin) & place.row;
                    if (bar.width() > 2)
                        painter.drawRect(bar.adjusted(1, 1, -2, -1));
                }
}

} // namespace pulsepin
