// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/gestures/looking.h"

namespace pulsepin {

/// In a lane that holds nothing yet, of a kind that lasts: what is drawn from the press on is its length. A
/// press by itself moves the playhead.
class DrawLasting : public MovePlayhead {
public:
    DrawLasting(GestureContext context, QPointF from, LaneId lane);
    [[nodiscard]] std::optional<Edit> end(Qt::KeyboardModifiers keys) override;

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;

private:
    LaneId lane_;
    PinId made_;
};

} // namespace pulsepin
