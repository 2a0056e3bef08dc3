// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/gesture.h"

namespace pulsepin {

/// An onset of a row is dragged to where a person hears it.
class MoveOnset : public Gesture {
public:
    MoveOnset(GestureContext context, const ViewState::ChosenOnset& onset, QPointF from)
        : Gesture(std::move(context), from), onset_(onset), to_(onset.time) {}
    std::optional<Edit> end(Qt::KeyboardModifiers keys) override;

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;

private:
    ViewState::ChosenOnset onset_;
    Seconds to_;
};

} // namespace pulsepin
