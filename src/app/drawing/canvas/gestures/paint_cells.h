// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/gesture.h"

namespace pulsepin {

/// Places of a lane are switched on or off: the cell that is pressed decides which, and those that the mouse
/// is dragged over become alike. Cells divide each beat into as many equal parts.
class PaintCells : public Gesture {
public:
    PaintCells(GestureContext context, LaneId lane, int cells_a_beat, QPointF from);
    std::optional<Edit> end(Qt::KeyboardModifiers keys) override;

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;

private:
    [[nodiscard]] Ticks cell_at(QPointF at) const;
    [[nodiscard]] bool taken(const Project& project, Ticks cell, std::int64_t within) const;
    void paint_cell(Ticks cell);

    LaneId lane_;
    std::int64_t cells_;
    bool on_ = true;
};

} // namespace pulsepin
