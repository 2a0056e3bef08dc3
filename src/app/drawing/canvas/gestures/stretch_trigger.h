// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/gesture.h"

namespace pulsepin {

/// The end of a trigger is dragged: all selected ones last as long as it then.
class StretchTrigger : public Gesture {
public:
    StretchTrigger(GestureContext context, PinId trigger, QPointF from)
        : Gesture(std::move(context), from), trigger_(trigger) {}
    std::optional<Edit> end(Qt::KeyboardModifiers keys) override;

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;

private:
    PinId trigger_;
};

} // namespace pulsepin
