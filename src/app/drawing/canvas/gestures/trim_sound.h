// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/gesture.h"
#include "model/sound_edits.h"

namespace pulsepin {

/// An edge or a fade of a sound is dragged. Edges go to beats as snapping says; fades run free.
class TrimSound : public Gesture {
public:
    TrimSound(GestureContext context, PinId sound, SoundEdge edge, QPointF from)
        : Gesture(std::move(context), from), sound_(sound), edge_(edge) {}
    std::optional<Edit> end(Qt::KeyboardModifiers keys) override;

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;

private:
    PinId sound_;
    SoundEdge edge_;
};

} // namespace pulsepin
