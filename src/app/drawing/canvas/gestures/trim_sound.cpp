// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/gestures/trim_sound.h"

#include "model/anchored_time.h"
#include "session/number_text.h"

namespace pulsepin {

void TrimSound::drag_to(QPointF at, Qt::KeyboardModifiers keys) {
    const Pin* pin = project().pin(sound_);
    const auto* body = pin ? body_if<SoundBody>(&pin->body) : nullptr;
    const auto start = body ? anchored_time(pin->anchor, project()) : std::nullopt;
    if (!start)
        return;
    const bool off_grid = keys & Qt::ShiftModifier;
    Seconds by = placement().carried(pressed_time(), from(), at) - pressed_time();
    const Seconds end = *start + body->length;
    if (edge_ == SoundEdge::Start)
        by = context().snapped(*start + by, off_grid) - *start;
    else if (edge_ == SoundEdge::End)
        by = context().snapped(end + by, off_grid) - end;
    if (!show(with_sound_trimmed(project(), sound_, edge_, by, context().sound_length(body->sound))))
        return;
    const auto& changed = body_of<SoundBody>(draft()->project().pin(sound_)->body);
    tell(tr("%1 s long, fades %2 s and %3 s")
             .arg(number_text(changed.length.value, 2))
             .arg(number_text(changed.fade_in.value, 2))
             .arg(number_text(changed.fade_out.value, 2)));
}

std::optional<Gesture::Edit> TrimSound::end(Qt::KeyboardModifiers) {
    const bool fade = edge_ == SoundEdge::FadeIn || edge_ == SoundEdge::FadeOut;
    return edit(fade ? tr("fade sound") : tr("trim sound"));
}

} // namespace pulsepin
