// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/gestures/draw_lasting.h"

#include "schedule/add_pin.h"
#include "session/core_words.h"

#include <algorithm>

namespace pulsepin {

DrawLasting::DrawLasting(GestureContext context, QPointF from, LaneId lane)
    : MovePlayhead(std::move(context), from), lane_(lane) {}

void DrawLasting::drag_to(QPointF at, Qt::KeyboardModifiers keys) {
    const bool off_grid = keys & Qt::ShiftModifier;
    const Seconds a = context().snapped(pressed_time(), off_grid),
                  b = context().snapped(placement().time_at(at), off_grid);
    const TimeSpan drawn{std::max(Seconds(0), std::min(a, b)), std::max(a, b)};
    if (drawn.until - drawn.from < project().settings->frame_rate.frame_length())
        return;
    auto added = with_pin_added(project(), lane_, drawn.from, drawn);
    if (!added)
        return refuse(spoken(added.error()));
    made_ = added->pin;
    show(std::move(added->project));
}

std::optional<Gesture::Edit> DrawLasting::end(Qt::KeyboardModifiers) {
    if (!draft())
        return std::nullopt;
    view().select({made_});
    return edit(tr("add %1").arg(text_of(project().lane(lane_)->kind->singular)));
}

} // namespace pulsepin
