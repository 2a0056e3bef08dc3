// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/gestures/stretch_trigger.h"

#include "drawing/canvas/gestures/shape_follower.h"
#include "model/anchored_time.h"
#include "model/edits.h"
#include "schedule/lasting.h"
#include "schedule/triggers.h"
#include "session/core_words.h"

#include <algorithm>

namespace pulsepin {

void StretchTrigger::drag_to(QPointF at, Qt::KeyboardModifiers keys) {
    const auto rate = project().settings->frame_rate;
    const auto start = anchored_time(project().pin(trigger_)->anchor, project());
    if (!start)
        return;
    const bool in_frames = keys & Qt::ShiftModifier;
    const Seconds end =
        std::max(context().snapped(placement().time_at(at), in_frames), *start + rate.frame_length());
    const Length length = dragged_length(project(), view(), *start, end, in_frames);
    show(with_bodies(project(), selected(), [&](PinBody& body) {
        if (Length* lasting = body.lasting())
            *lasting = length;
    }));
    tell(tr("Lasts %1").arg(spoken(length_text(length))));
}

std::optional<Gesture::Edit> StretchTrigger::end(Qt::KeyboardModifiers) {
    return edit(tr("stretch"));
}

} // namespace pulsepin
