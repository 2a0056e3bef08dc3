// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/event_panel.h"
#include "drawing/canvas/gesture.h"

namespace pulsepin {

/// A key of an opened event is dragged: along its length, where beats pull, and up and down.
class ShapeEvent : public Gesture {
public:
    ShapeEvent(GestureContext context, const EventPanel& panel, EventKey key, QPointF from);
    std::optional<Edit> end(Qt::KeyboardModifiers keys) override;

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;

private:
    [[nodiscard]] double share_at(double x, QPointF mouse, Qt::KeyboardModifiers keys) const;
    [[nodiscard]] double way_at(double y, QPointF mouse) const;
    EventPanel panel_;
    EventKey key_;
    TriggerAct::Point began_; ///< the key as it was
};

} // namespace pulsepin
