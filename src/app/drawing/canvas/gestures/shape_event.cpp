// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/gestures/shape_event.h"

#include "parts/targets.h"
#include "session/number_text.h"
#include "stage/trigger_acts.h"
#include "time/musical_text.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double near = 5; // pixels

} // namespace

ShapeEvent::ShapeEvent(GestureContext context, const EventPanel& panel, EventKey key, QPointF from)
    : Gesture(std::move(context), from), panel_(panel), key_(key),
      began_(keys_of(panel.acts[key.act])[key.key]) {
    view().choose_event_key(key);
}

void ShapeEvent::drag_to(QPointF at, Qt::KeyboardModifiers keys) {
    const QPointF key = panel_.place_of(began_) + (at - from());
    if (!show(with_event_key_moved(project(), panel_.trigger, key_, share_at(key.x(), at, keys) * 100,
                                   way_at(key.y(), at))))
        return;
    const auto acts = acts_of(draft()->project().pin(panel_.trigger)->body);
    const auto& act = acts[key_.act];
    const auto moved = keys_of(act)[key_.key];
    const auto& grid = draft()->project().grid;
    const Seconds lies = panel_.from + (panel_.until - panel_.from) * (moved.at / 100);
    tell(tr("%1 % of its length%2 · %3 %4")
             .arg(number_text(moved.at, 1))
             .arg(grid ? ", " + place_text(grid->nearest_tick(lies)) : QString())
             .arg(parameter_text(act.parameter))
             .arg(short_number_text(value_of_way(act, moved.way), 5)));
}

/// Up and down alone it stays where it lies; near an end it goes there, else where beats pull it.
double ShapeEvent::share_at(double x, QPointF mouse, Qt::KeyboardModifiers keys) const {
    if (std::abs(mouse.x() - from().x()) < near)
        return began_.at / 100;
    if (std::abs(x - panel_.curves.left()) < near)
        return 0;
    if (std::abs(x - panel_.curves.right()) < near)
        return 1;
    return panel_.share_at(context().snapped(panel_.time_at(x), keys & Qt::ShiftModifier));
}

/// Along alone its value stays as it is. Values go by whole percents of the way, so that full and none are
/// met, and no further than that, or than it was.
double ShapeEvent::way_at(double y, QPointF mouse) const {
    if (std::abs(mouse.y() - from().y()) < near)
        return began_.way;
    return std::clamp(std::round(panel_.way_at(y)), std::min(0.0, began_.way), std::max(100.0, began_.way));
}

std::optional<Gesture::Edit> ShapeEvent::end(Qt::KeyboardModifiers) {
    return edit(tr("move key of event"));
}

} // namespace pulsepin
