// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/gesture.h"

#include "drawing/kind_look.h"
#include "schedule/piece_length.h"
#include "schedule/shots.h"
#include "session/core_words.h"
#include "time/musical_text.h"

namespace pulsepin {

Scene GestureContext::scene() const {
    return {project(), nullptr, schedule(), view, day_palette(), {}, {}};
}

Seconds GestureContext::song_end() const {
    return project().song ? std::max(project().song->duration(), piece_end(project())) : Seconds(60);
}

void Gesture::move(QPointF at, Qt::KeyboardModifiers keys) {
    constexpr double least = 4; // pixels before a press becomes a drag
    if (!moved_ && (at - from_).manhattanLength() < least)
        return;
    moved_ = true;
    drag_to(at, keys);
}

void Gesture::show(Project project) {
    draft_ = Schedule(std::move(project), context_.schedule());
    seen_anew();
}

bool Gesture::show(Result<Project> project) {
    if (!project) {
        tell(spoken(project.error()));
        return false;
    }
    show(*std::move(project));
    return true;
}

std::optional<Gesture::Edit> Gesture::edit(const QString& name) const {
    return moved_ && draft_ ? std::optional(Edit{draft_->project(), name}) : std::nullopt;
}

std::vector<PinId> Gesture::selected() const {
    return {view().selection().begin(), view().selection().end()};
}

QString Gesture::place_text(Ticks at) const {
    return QString::fromStdString(format_position(project().grid->position_of(at)));
}

std::optional<Grip> grip_under(const GestureContext& context, QPointF at) {
    const auto place = context.placement.lane_at(at);
    if (!place || place->lane >= context.project().lanes.size())
        return std::nullopt;
    const Scene scene = context.scene();
    const LaneScene lane = lane_scene(scene, *place);
    return look_of_kind(lane.lane.kind).grip(lane, at);
}

std::unique_ptr<Gesture> grabbed(const GestureContext& context, const Grip& grip, QPointF at,
                                 Qt::KeyboardModifiers keys) {
    if (grip.part != GripPart::Head && grip.part != GripPart::Body) {
        if (!context.view.selection().contains(grip.pin))
            context.view.select({grip.pin});
    } else {
        const bool adding = (keys & Qt::ControlModifier) && !(keys & Qt::AltModifier);
        if (!context.view.press(grip.pin, adding))
            return nullptr;
    }
    return look_of_kind(context.project().lane_of(grip.pin)->kind).grab(context, grip, at, keys);
}

} // namespace pulsepin
