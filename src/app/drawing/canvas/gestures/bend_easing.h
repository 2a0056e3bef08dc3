// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/gesture.h"
#include "params/easing.h"

namespace pulsepin {

/// A handle on the way to a key or pose is dragged: all selected ones are reached in that way.
class BendEasing : public Gesture {
public:
    BendEasing(GestureContext context, const Grip& grip, QPointF from);
    [[nodiscard]] std::optional<Edit> end(Qt::KeyboardModifiers keys) override;

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;

private:
    Grip grip_;
    Easing bent_;
    std::function<QPointF(QPointF)> shares_; ///< of the way, at a point
};

} // namespace pulsepin
