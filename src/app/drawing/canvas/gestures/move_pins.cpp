// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/gestures/move_pins.h"

#include "model/anchored_time.h"
#include "model/edits.h"
#include "time/timecode.h"

#include <cmath>

namespace pulsepin {

void MovePins::drag_to(QPointF at, Qt::KeyboardModifiers keys) {
    const auto grabbed = anchored_time(project().pin(pin_)->anchor, project());
    if (!grabbed)
        return;
    const Seconds wanted = placement().carried(*grabbed, from(), at);
    if (!project().grid) {
        const Seconds landing = context().snapped(wanted, keys & Qt::ShiftModifier);
        in_time_ = landing - *grabbed;
        show(moved_in_time(project(), selected(), *in_time_));
        return tell(tr("To %1").arg(QString::fromStdString(format_clock(landing))));
    }
    const auto& grid = *project().grid;
    // Straight up or down is not sideways, even where the hand trembles.
    constexpr double least = 4;
    const bool sideways = placement().distance(wanted, *grabbed) >= least;
    const Ticks here = grid.nearest_tick(*grabbed);
    const Ticks target =
        sideways ? grid.nearest_tick(context().snapped(wanted, keys & Qt::ShiftModifier)) : here;
    lift_by_ = lifted_by(at);
    if (const auto now = std::pair(target - here, lift_by_); shown_ != now) {
        shown_ = now;
        show_moved(target - here, place_text(target));
    }
}

double MovePins::lifted_by(QPointF at) const {
    const auto place = lift_ ? placement().lane_at(from()) : std::nullopt;
    if (!place)
        return 0;
    const Scene scene = context().scene();
    return lift_->amount(lane_scene(scene, *place), placement().drop(from(), at));
}

void MovePins::show_moved(Ticks by, const QString& place) {
    const auto pins = selected();
    Project next = moved_by(project(), pins, by);
    if (lift_ && lift_by_ != 0)
        next = lift_->lifted(next, pins, lift_by_);
    show(std::move(next));
    if (lift_ && lift_->told)
        return tell(tr("To %1 · %2").arg(place, lift_->told(draft()->project().pin(pin_)->body)));
    const auto locked = locked_among(project(), pins);
    tell(locked == 0 ? tr("To %1").arg(place)
                     : tr("To %1 · %n locked, left alone", nullptr, static_cast<int>(locked)).arg(place));
}

QString MovePins::name() const {
    return view().selection().size() > 1 ? tr("move pins") : tr("move pin");
}

std::optional<Gesture::Edit> MovePins::end(Qt::KeyboardModifiers keys) {
    if (!moved() && !(keys & Qt::ControlModifier))
        view().select({pin_});
    if (in_time_)
        return *in_time_ == Seconds(0) ? std::nullopt : edit(name());
    if (!shown_ || (shown_->first == Ticks(0) && shown_->second == 0))
        return std::nullopt;
    return edit(name());
}

} // namespace pulsepin
