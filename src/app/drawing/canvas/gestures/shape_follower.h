// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/gesture.h"
#include "drawing/timeline/follower_lines.h"

namespace pulsepin {

/// A level of a follower's step is dragged as a line in its lane; with Shift a fifth as fast.
class DragLevel : public Gesture {
public:
    DragLevel(GestureContext context, const LaneScene& lane, LevelLine line, QPointF from);
    std::optional<Edit> end(Qt::KeyboardModifiers keys) override;

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;

private:
    LaneId lane_;
    LevelLine line_;
    double per_pixel_;
};

/// A top of a follower's curve is dragged up or down: a key that lifts it lies over the curve from then on,
/// at the moment of the top itself. Pressed alone, the playhead goes there.
class LiftTop : public Gesture {
public:
    LiftTop(GestureContext context, const LaneScene& lane, CurveTop top, QPointF from);
    std::optional<Edit> end(Qt::KeyboardModifiers keys) override;

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;

private:
    CurveTop top_;
    double per_pixel_;
};

/// The end or a fade of what lies over a curve is dragged.
class StretchOver : public Gesture {
public:
    StretchOver(GestureContext context, PinId key, GripPart part, QPointF from)
        : Gesture(std::move(context), from), key_(key), part_(part) {}
    std::optional<Edit> end(Qt::KeyboardModifiers keys) override;

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;

private:
    PinId key_;
    GripPart part_;
};

/// How long something lasts that is dragged from `start` to `end`: in beats as snapping says, else in frames.
[[nodiscard]] Length dragged_length(const Project& project, const ViewState& view, Seconds start, Seconds end,
                                    bool in_frames);

} // namespace pulsepin
